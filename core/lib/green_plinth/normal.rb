# frozen_string_literal: true

module GreenPlinth
  # The standard normal distribution.
  module Normal
    # So many halvings find a quantile to a millionth of a millionth.
    HALVINGS = 60
    # Beyond so many standard deviations a share is 0 or 1 to a float.
    FAR = 8.0

    module_function

    # @return [Float] share below
    def share(value) = (1 + Math.erf(value / Math.sqrt(2))) / 2

    # @param share [Float] 0..1
    # @return [Float] the value that this share lies below
    def at(share)
      low, high = -FAR, FAR
      HALVINGS.times do
        middle = (low + high) / 2
        share(middle) < share ? low = middle : high = middle
      end
      (low + high) / 2
    end
  end
end
