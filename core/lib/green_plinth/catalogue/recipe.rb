# frozen_string_literal: true

module GreenPlinth
  class Catalogue
    # A maker's own recipe, kept in the stores: what a file that uses it copies as one of its mixes.
    #   id: its key; data: as in a catalogue file
    Recipe = Struct.new(:id, :data) do
      include Stirred

      def name = data["name"]
      def to_h = data.merge("key" => id)
    end
  end
end
