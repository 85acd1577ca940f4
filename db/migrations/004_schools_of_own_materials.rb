# frozen_string_literal: true

# Materials of the maker's own that were scattered "by the school" said so by the name of a technique that there is none
# of; now they name the school.
Sequel.migration do
  up do
    run <<~SQL
      UPDATE own_entries SET data = (data - 'technique') || '{"school": "fixing"}'
      WHERE kind = 'materials' AND data ->> 'technique' = 'scatter_grains'
    SQL
  end

  down do
    run <<~SQL
      UPDATE own_entries SET data = (data - 'school') || '{"technique": "scatter_grains"}'
      WHERE kind = 'materials' AND data ->> 'school' = 'fixing'
    SQL
  end
end
