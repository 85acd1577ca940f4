# frozen_string_literal: true

require "ripper"
require "tsort"

# Which folder of the core speaks of which: read out of the code itself, constants by constants. A file at the top of the
# core belongs to the folder of its own name, or else to none.
class Folders
  include TSort
  ROOT = File.expand_path("../../core/lib/green_plinth", __dir__)

  # @param root [String] the folder whose folders are looked at
  def initialize(root = ROOT)
    @root = root
  end

  # @return [Hash{String => Hash{String => Array<String>}}] by folder, by the folder it speaks of: "file:line" of each mention
  def mentions
    @mentions ||= files.each_with_object(Hash.new { |all, from| all[from] = Hash.new { |to, name| to[name] = [] } }) do |path, all|
      from = folder(path)
      all[from]
      names(path).each { |to, line| all[from][to] << "#{relative(path)}:#{line}" unless to == from }
    end
  end

  # @return [Array<Array<String>>] folders that speak of each other in a circle
  def circles = strongly_connected_components.select { |one| one.size > 1 }

  # @return [Array<Array<String>>] folders by level: each speaks only of those in levels before its own
  def levels
    level = Hash.new { |known, one| known[one] = mentions[one].keys.map { |to| known[to] + 1 }.max || 0 }
    mentions.keys.group_by { |one| level[one] }.sort.map { |_, names| names.sort }
  end

  # @return [String] the levels as a drawing: each speaks only of what stands below it
  def picture
    rows = levels.reverse.map { |names| names.join("  ") }
    wide = rows.map(&:size).max
    rows.map { |row| row.center(wide).rstrip }.join("\n#{"↓".center(wide).rstrip}\n")
  end

  def tsort_each_node(&) = mentions.keys.each(&)
  def tsort_each_child(one, &) = mentions[one].keys.each(&)

  private

  def files = @files ||= Dir[File.join(@root, "**", "*.rb")].sort
  def relative(path) = path.delete_prefix("#{@root}/")
  def folder(path) = relative(path)[%r{\A[^/.]+}]

  # Constants by their file: "Relief" → "relief", "Evaluation" → "evaluation".
  def known = @known ||= files.map { |path| folder(path) }.uniq.to_h { |name| [name.split("_").map(&:capitalize).join, name] }

  # Every constant that stands free or first in a path, unless the file's own folder holds one of that name.
  # @return [Array<Array(String, Integer)>]
  def names(path)
    own = constants_beside(path)
    tokens = Ripper.lex(File.read(path)).reject { |token| %i[on_sp on_ignored_nl on_comment].include?(token[1]) }
    tokens.each_with_index.filter_map do |((line, _), type, text), at|
      next unless type == :on_const && known.key?(text) && !declared?(tokens, at) && !within?(tokens, at)
      next if own.include?(text)

      [known[text], line]
    end
  end

  def declared?(tokens, at) = %w[module class].include?(tokens[at - 1][2])

  # The second part of a path whose first part is not the core itself.
  def within?(tokens, at) = tokens[at - 1][2] == "::" && tokens[at - 2][2] != "GreenPlinth"

  def constants_beside(path)
    inside = Dir[File.join(path.delete_suffix(".rb"), "*.rb")]
    beside = relative(path).include?("/") ? Dir[File.join(File.dirname(path), "*.rb")] : []
    (inside + beside).map { |file| File.basename(file, ".rb").split("_").map(&:capitalize).join }
  end
end
