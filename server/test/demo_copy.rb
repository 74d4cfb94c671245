# frozen_string_literal: true

require "tsort"

# The demo studio, seeded once and laid again from a copy of its rows before every journey: the same studio in a tenth
# of the time.
class DemoCopy
  include TSort

  def initialize(database)
    @database = database
  end

  # Into an empty database.
  def lay
    kept? ? quickly { restore } : keep
  end

  # Far quicker than truncating, which makes new files for every table.
  def clear
    quickly { @database.run(order.reverse.map { |table| "delete from public.#{table}" }.join("; ")) }
  end

  private

  # Rows come and go as they were, all of them: nothing has to be checked or worked out, where one may say so.
  def quickly
    @database.transaction do
      @trusted = @database.get(Sequel.lit("current_setting('is_superuser') = 'on'")) if @trusted.nil?
      @database.run("set local session_replication_role = replica") if @trusted
      yield
    end
  end

  # Another process may have kept it in the database this one is a copy of.
  def kept?
    @kept ||= !@database[Sequel[:information_schema][:schemata]].where(schema_name: "kept").empty?
  end

  def keep
    DeckBough::Server::DemoStudio.new(@database, password_cost: 4).seed
    @database.run("create schema kept")
    tables.each { |table| @database.run("create table kept.#{table} as table public.#{table}") }
    @kept = true
  end

  # What others refer to comes first; numbers given by the database go on after the last one.
  def restore
    @database.run(order.map { |table| copied(table) }.join("; "))
    @database.fetch(numbered).each { |one| @database.run(one[:sets]) }
  end

  def copied(table)
    names = columns.fetch(table.to_s).map { |name| %("#{name}") }.join(", ")
    "insert into public.#{table} (#{names}) overriding system value select #{names} from kept.#{table}"
  end

  def order
    @order ||= tsort
  end

  # Only of our own tables is asked which numbers they give: elsewhere there are none of these names.
  def numbered
    <<~SQL
      with ours as materialized (
        select table_name, column_name from information_schema.columns where table_schema = 'public'
      )
      select format('select setval(%L, greatest((select max(%I) from %I), 1))',
                    pg_get_serial_sequence(table_name, column_name), column_name, table_name) as sets
      from ours where pg_get_serial_sequence(table_name, column_name) is not null
    SQL
  end

  # What the database computes itself is not copied.
  def columns
    @columns ||= @database[Sequel[:information_schema][:columns]]
                 .where(table_schema: "public", is_generated: "NEVER").select_hash_groups(:table_name, :column_name)
  end

  def tables
    @tables ||= @database.tables(schema: :public) - [:schema_info]
  end

  def tsort_each_node(&)
    tables.each(&)
  end

  # No key says that what is promised is looked up in what there is.
  UNSAID = { piece_claims: [:stock_quantities] }.freeze
  private_constant :UNSAID

  def tsort_each_child(table, &)
    said = @database.foreign_key_list(table).map { |key| key[:table].to_s.delete_prefix("public.").to_sym }
    (said + UNSAID.fetch(table, [])).uniq.select { |other| other != table && tables.include?(other) }.each(&)
  end
end
