# frozen_string_literal: true

# A portrait is only handed on, never looked into: as text it goes out as it came.
Sequel.migration do
  up { run "alter table piece_needs alter column portrait type json using portrait::text::json" }

  down { run "alter table piece_needs alter column portrait type jsonb using portrait::text::jsonb" }
end
