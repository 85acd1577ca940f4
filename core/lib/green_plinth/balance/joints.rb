# frozen_string_literal: true

module GreenPlinth
  module Balance
    # How each part is joined to what it stands on.
    class Joints
      # @param ground [Plan::Ground]
      # @param catalogue [Catalogue] with the build's mixes
      def initialize(design, ground, catalogue)
        @design = design
        @ground = ground
        @catalogue = catalogue
      end

      # @param part [Design::Form, Design::Feature, Design::Subject]
      # @return [Joint] by the glue that its maker names, or that its way of working takes
      def of(part) = Joint.new(@catalogue[part.glue || usual_glue(part)], part.material, beneath(part))

      private

      # Of forms it goes by what they are made of, and is right by itself.
      def usual_glue(part)
        case part
        when Design::Subject then @catalogue.technique(part.mount["technique"])&.glue
        when Design::Feature then @catalogue.technique(part.technique || part.kind["technique"])&.glue
        end
      end

      # What is planted, bedded or stuck into the ground is held by its shape.
      def beneath(part)
        return under_form(part) if part.is_a?(Design::Form)
        return if part.is_a?(Design::Feature) && !part.kind.trait?("flat_foot")

        point = Plan::Geos.point(part.middle)
        body_at(point) || form_at(point, @design.forms) || @design.plinth.material
      end

      # The topmost course with a body of its own; paint and wash are as firm as what they are on.
      def body_at(point)
        index = @design.zones.each_index.find { |at| @ground.area(at).contains?(point) } or return
        @design.zones[index].courses.reverse.find { |course| firm?(course) }&.material
      end

      # Grains in patches leave room for a foot.
      def firm?(course)
        material = course.material
        course.cover_pct > 50 && (material&.trait?("crust") || material&.trait?("granular") || false)
      end

      def form_at(point, forms) = forms.reverse.find { |form| !form.cut? && form.area.contains?(point) }&.material

      def under_form(form)
        form_at(Plan::Geos.point(form.middle), @design.forms.take(@design.forms.index { |one| one.pointer == form.pointer })) ||
          @design.plinth.material
      end
    end
  end
end
