# frozen_string_literal: true

module GreenPlinth
  module Server
    class Store
      # The builds that ship, put on the shelf and replaced.
      module SampleBuilds
        # One after the other over all processes: what the number locks.
        SAMPLES_LOCK = 4_701

        # Puts samples in the place of those that are there. One that was changed stays, as the maker's own.
        # @param samples [Hash{String => Hash}] by key what each is made of, see create: file:, events: and progress:
        # @param told [#call] tells what is kept with one
        # @yield [Build] one that was changed; answers with its file, patch and what is told of it under another name
        # @return [Array<Integer>] ids of those that were changed
        def replace_samples(samples, told)
          @db.transaction do
            @db.get(Sequel.function(:pg_advisory_xact_lock, SAMPLES_LOCK).cast(String))
            rows = builds_ds.exclude(sample_key: nil).for_update.all
            # One that is as it ships stays where it is.
            rows, same = rows.partition { |row| row[:deleted_at] || !as_shipped?(row, samples[row[:sample_key]]) }
            samples = samples.except(*same.map { |row| row[:sample_key] })
            changed, plain = rows.partition { |row| row[:deleted_at].nil? && worked_on?(row, samples[row[:sample_key]]) }
            thrown, untouched = plain.partition { |row| row[:deleted_at] }
            builds_ds.where(id: (changed + thrown).map { |row| row[:id] }).update(sample_key: nil)
            builds_ds.where(id: untouched.map { |row| row[:id] }).delete
            changed.each { |row| rename(row, *yield(find(row[:id]))) }
            samples.each { |key, sample| create(sample[:file], sample_key: key, **sample.except(:file), **told.call(sample)) }
            changed.map { |row| row[:id] }
          end
        end

        private

        def as_shipped?(row, sample) = sample && row[:file] == sample[:file] && !happened_more?(row, sample)
        def worked_on?(row, sample) = @revisions.changed?(row[:id], row[:file]) || happened_more?(row, sample)

        # What came with the sample is told from what the maker did.
        def happened_more?(row, sample)
          (events(row[:id]).map { |event| event["id"] } - (sample ? sample[:events].map { |event| event["id"] } : [])).any?
        end

        def rename(row, file, patch, told)
          move(row[:id], @revisions.add(row[:id], row[:position], file, label: "Keep under another name", patch: patch), file, told)
        end
      end
    end
  end
end
