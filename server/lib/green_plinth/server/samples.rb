# frozen_string_literal: true

module GreenPlinth
  module Server
    # The builds that ship: moved by whole days, so that what was today when their story was written is the day on which they are put
    # on the shelf. Their photographs are drawn from what stood there at the time.
    class Samples
      TODAY = "workshop/today.json"
      # px of a photograph's longer side, and how far the camera was from straight.
      LONG = 900
      TURN_DEG = 2.5

      # @param folder [String]
      def initialize(folder)
        @folder = folder
      end

      # @return [Hash{String => Hash}] files as they ship, by key
      def files
        @files ||= Dir[File.join(@folder, "*.json")].sort.to_h { |path| [File.basename(path, ".json"), JSON.parse(File.read(path))] }
      end

      # @param day [Date] today
      # @return [Hash{String => Hash}] by key, as they are on that day
      def on(day)
        todays = JSON.parse(File.read(File.join(@folder, TODAY)))
        files.to_h { |key, file| [key, Files::Shifted.new(file).by((day - Date.parse(todays.fetch(key))).to_i)] }
      end

      # @param evaluation [Evaluation]
      # @param event [Events::Event] a photograph
      # @return [Photograph] of what stood there then, drawn from above
      def self.picture(evaluation, event)
        so_far = Questions::SoFar.new(evaluation.design, evaluation.timeline).file(event.minute)
        standing = GreenPlinth.evaluate(Design.new(so_far, evaluation.catalogue))
        drawn = Vips::Image.svgload_buffer(Exports::PlanSvg.new(standing).write, dpi: 300)
        drawn = drawn.flatten(background: [52, 60, 56]) if drawn.has_alpha?
        shot = drawn.thumbnail_image(LONG).rotate((event.data["picture"].odd? ? 1 : -1) * TURN_DEG, background: [52, 60, 56]).gaussblur(0.7)
        light = Vips::Image.xyz(shot.width, shot.height)[0] / shot.width
        Photograph.read(((shot * ((light * 0.25) + 0.95))).cast(:uchar).copy(interpretation: :srgb).jpegsave_buffer)
      end
    end
  end
end
