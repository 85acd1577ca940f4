# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # Groups of subjects: whether each holds together and stands apart from the rest, and whether the principal stands clear and
      # highest.
      class Groups < Judgement
        title "Groups"
        how "the widest step from one of a group to the next of it, against the way to the nearest of the others",
          from: "common practice"
        weight 95
        purposes "shown"
        draw_unasked

        # One group: its subjects; within: the widest step from one to the next of them, mm; apart: to the nearest of the others, nil
        # where there are none.
        Cluster = Struct.new(:group, :subjects, :within, :apart, keyword_init: true) do
          # A group whose members stand as far from each other as from strangers is none to the eye.
          def reads? = apart.nil? || apart > within
        end

        def verdict
          return if told.empty?

          loose = told.reject(&:reads?)
          troubled = loose.any? || (principal && !highest?)
          judged(troubled ? "look" : "good", [*told.map { |one| words(one) }, principal_words].compact.join(" "),
            figure: told.filter_map(&:apart).min, unit: "mm", marks: marks)
        end

        # @return [Array<Cluster>] groups of two subjects or more
        def told
          @told ||= design.groups.filter_map do |group|
            subjects = design.subjects.select { |subject| group.members.include?(subject.id) }
            next if subjects.size < 2

            Cluster.new(group: group, subjects: subjects, within: widest(subjects), apart: apart(subjects, design.subjects - subjects))
          end
        end

        private

        # Of the shortest way from one to the next that takes in all of them (Prim).
        def widest(subjects)
          reached = [subjects.first]
          steps = (subjects.size - 1).times.map do
            one, mm = (subjects - reached).map { |subject| [subject, reached.map { |known| gap(subject, known) }.min] }.min_by(&:last)
            reached << one
            mm
          end
          steps.max
        end

        def apart(subjects, others) = subjects.product(others).map { |one, other| gap(one, other) }.min
        def gap(one, other) = one.shadow.distance(other.shadow)

        def words(one)
          steps = "#{one.group.name.capitalize}: #{mm(one.within)} from one to the next"
          return "#{steps}." unless one.apart
          return "#{steps}, #{mm(one.apart)} to the others." if one.reads?

          "#{steps} and only #{mm(one.apart)} to the others: it does not read as a group."
        end

        def principal = focal
        def top(subject) = subject.height_mm && (@evaluation.solids.foot(subject) + subject.height_mm)

        # @return [Boolean] whether nobody stands over it, as far as heights are known
        def highest?
          own = top(principal)
          own.nil? || design.subjects.none? { |subject| subject != principal && (top(subject) || 0) > own }
        end

        def principal_words
          return unless principal

          clear = (design.subjects - [principal]).map { |other| gap(principal, other) }.min
          return unless clear
          return "#{principal.name.capitalize} is not the highest: the eye goes to who is." unless highest?

          "#{principal.name.capitalize} stands highest, #{mm(clear)} clear."
        end

        def marks
          told.map do |one|
            hull = Plan::Geos.union(one.subjects.map(&:shadow)).convex_hull.buffer(1)
            Mark.area(hull, one.reads? ? "good" : "trouble", one.group.name)
          end
        end
      end
    end
  end
end
