# frozen_string_literal: true

# The proven optimum of a small network of steps, from a real solver. Only for specs: it grows with the square of the
# steps and with every sitting.
class Oracle
  def initialize(network)
    @network = network
    @steps = network.steps
    @sittings = network.sittings
    @horizon = @sittings ? @sittings.last.last - network.start : @steps.sum do |step|
      step.hands_on_min + step.tail_min + step.after.sum(&:at_least_min)
    end + 1
  end

  # @return [Integer, nil] minutes from the start to the last ready; nil where no schedule can exist
  def makespan
    build
    model = Highs.mip(sense: :minimize, col_cost: @cost, col_lower: @lower, col_upper: @upper, row_lower: @row_lower,
      row_upper: @row_upper, a_format: :rowwise, a_start: @starts, a_index: @index, a_value: @values, integrality: @integral)
    solved = model.solve
    solved[:obj_value].round if solved[:status] == :optimal
  end

  private

  def build
    @cost, @lower, @upper, @integral = [], [], [], []
    @row_lower, @row_upper, @starts, @index, @values = [], [], [], [], []
    @end = column(0, @horizon, cost: 1)
    @at = @steps.to_h { |step| [step.id, column(0, @horizon)] }
    @steps.each { |step| row(step.hands_on_min + step.tail_min, nil, @end => 1, @at[step.id] => -1) }
    @steps.each { |step| step.after.each { |link| wait(step, link) } }
    @steps.combination(2).each { |one, other| apart(one, other) }
    @steps.each { |step| sit(step) } if @sittings
  end

  def column(low, high, cost: 0, whole: false)
    @cost << cost
    @lower << low
    @upper << high
    @integral << (whole ? 1 : 0)
    @cost.size - 1
  end

  def row(low, high, members)
    @starts << @index.size
    members.each { |column, value| @index << column and @values << value }
    @row_lower << (low || -1e30)
    @row_upper << (high || 1e30)
  end

  def wait(step, link)
    first = @network.by_id[link.first].hands_on_min
    row(first + link.at_least_min, link.at_most_min && (first + link.at_most_min), @at[step.id] => 1,
      @at[link.first] => -1)
  end

  # One pair of hands: either the one is done before the other, or the other way round.
  def apart(one, other)
    first = column(0, 1, whole: true)
    row(one.hands_on_min - @horizon, nil, @at[other.id] => 1, @at[one.id] => -1, first => -@horizon)
    row(other.hands_on_min, nil, @at[one.id] => 1, @at[other.id] => -1, first => @horizon)
  end

  def sit(step)
    chosen = @sittings.map { column(0, 1, whole: true) }
    row(1, 1, chosen.to_h { |one| [one, 1] })
    froms = @sittings.map { |from, _| from - @network.start }
    lasts = @sittings.map { |_, to| to - @network.start - step.hands_on_min }
    row(0, nil, { @at[step.id] => 1 }.merge(chosen.zip(froms).to_h { |one, from| [one, -from] }))
    row(nil, 0, { @at[step.id] => 1 }.merge(chosen.zip(lasts).to_h { |one, last| [one, -last] }))
  end
end
