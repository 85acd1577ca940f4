# frozen_string_literal: true

# Changes one value of plain data, chosen by number, for specs that try bad input.
module Mutation
  module_function

  def change(data, where, value)
    places = places_in(data)
    holder, key = places[where % places.size]
    holder[key] = value
  end

  # @return [Array(Array(Hash|Array, key))] every place a value stands
  def places_in(data)
    pairs = case data
            when Hash then data.to_a
            when Array then data.each_with_index.map { |value, index| [index, value] }
            else []
            end
    pairs.flat_map { |key, value| [[data, key]] + places_in(value) }
  end
end
