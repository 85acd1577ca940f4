# frozen_string_literal: true

require "rgl/adjacency"
require "rgl/topsort"

# A second opinion on whether edges run in a circle. Source: the RGL gem's own test for it.
module Topological
  module_function

  # @param count [Integer] vertices 0...count
  # @param edges [Array<Array(Integer, Integer)>]
  def sortable?(count, edges)
    graph = RGL::DirectedAdjacencyGraph.new
    (0...count).each { |vertex| graph.add_vertex(vertex) }
    edges.each { |from, to| graph.add_edge(from, to) }
    graph.acyclic?
  end
end
