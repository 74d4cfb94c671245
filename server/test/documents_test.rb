# frozen_string_literal: true

require_relative "server_test"

class DocumentsTest < Minitest::Test
  def test_what_is_written_is_what_the_code_says
    DeckBough::Server::Documents.all.each do |path, text|
      assert_equal text, File.read(File.join(DeckBough::Server::ROOT, path)), "#{path} is not current; run bin/document"
    end
  end
end
