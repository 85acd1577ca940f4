# frozen_string_literal: true

module GreenPlinth
  module Server
    class Desk
      # What ships: the sample builds, and what a workshop that has nothing begins with.
      module Furnishing
        # Loads the samples that ship, in place of those that are there. One that was changed is kept under another name.
        # @param day [Date] today, which they are put on
        # @return [Array<Integer>] ids of those that were changed
        def put_samples_back(day)
          made = Samples.new(SAMPLES).on(day).transform_values { |file| happened(file) }
          told = ->(sample) { told({ **sample[:file], "progress" => sample[:progress] }.compact) }
          changed = @store.replace_samples(made, told) { |build| renamed({ **build.file, "progress" => build.progress }.compact) }
          shelf.select(&:sample_key).each { |build| draw_pictures(build.id) }
          changed
        end

        # Puts the sample recipes and jars into a workshop that has none.
        def furnish
          read = ->(name) { File.read(File.join(SAMPLES, "workshop", name)) }
          stock(Files::CatalogueFile.new(catalogue).read(read["recipes.json"])) if workshop.own["recipes"].empty?
          stockroom.add(Files::StoresFile.new(catalogue).read(read["stores.json"])) if stockroom.data.empty?
        end

        private

        def renamed(file)
          patch = [{ "op" => "replace", "path" => "/title", "value" => "#{file["title"][0, 100]}, as I changed it" }]
          Patch.apply(file, patch).then { |kept| [kept, patch, told_or_bare(kept)] }
        end
      end
    end
  end
end
