# frozen_string_literal: true

module GreenPlinth
  module Server
    class Store
      # Photographs of builds.
      module Pictures
        # @param photograph [Photograph]
        # @param number [Integer, nil] that it had elsewhere; nil: the next one
        # @return [Integer] its number in the build
        def add_picture(build_id, photograph, number = nil)
          @db.transaction do
            locked(build_id)
            number ||= (pictures_ds.where(build_id: build_id).max(:number) || 0) + 1
            pictures_ds.insert_conflict.insert(build_id: build_id, number: number, bytes: Sequel.blob(photograph.bytes),
              small: Sequel.blob(photograph.small), width: photograph.width, height: photograph.height)
            number
          end
        end

        # @param small [Boolean] whether a small one will do
        # @return [String, nil] JPEG
        def picture(build_id, number, small: false) = pictures_ds.where(build_id: build_id, number: number).get(small ? :small : :bytes)

        # @return [Array<Hash>] number, width, height
        def pictures(build_id) = pictures_ds.where(build_id: build_id).order(:number).select(:number, :width, :height).all

        private

        def pictures_ds = @db[:pictures]
      end
    end
  end
end
