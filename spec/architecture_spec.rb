# frozen_string_literal: true

require "prism"
require "tsort"

# The house as docs/architecture.md draws it: which room may name which. Read from the code itself:
# every constant that a file of a room refers to, resolved as Ruby does.
RSpec.describe "The house" do
  drawing = File.read(File.join(Munimen::ROOT, "docs/architecture.md"))
  arrows = drawing[/```mermaid\n(.*?)```/m, 1].scan(/^\s*(\w+)(?:\[[^\]]*\])? --> (.+)$/)
  allowed = arrows.each_with_object(Hash.new { |all, room| all[room] = [] }) do |(from, to), all|
    all[from].concat(to.split(/\s*&\s*/))
  end

  rooms_of = lambda do |path|
    top, second = path.split("/")
    next top unless top == "core"

    room = second.delete_suffix(".rb")
    path.count("/") == 1 && !Dir.exist?(File.join(Munimen::ROOT, "core", room)) ? "values" : room
  end
  camel = ->(room) { room.split("_").map(&:capitalize).join }
  core = Dir.children(File.join(Munimen::ROOT, "core")).grep_v(/\.rb$/)
  values = Dir[File.join(Munimen::ROOT, "core/*.rb")].map { |file| File.basename(file, ".rb") }
  owners = { "values" => values - core, **core.to_h { |room| [room, [room]] } }
    .flat_map { |room, names| names.map { |name| [camel[name], room] } }.to_h
    .merge(%w[desk store pocket formats web cli bench demo].to_h { |room| [camel[room], room] })

  # The constants that a file refers to: [first name, whether it was written from Munimen:: on].
  named = Class.new(Prism::Visitor) do
    attr_reader :found

    def initialize
      super
      @found = []
    end

    def visit_constant_read_node(node) = @found << [node.name.to_s, false]

    def visit_constant_path_node(node)
      names = []
      while node.is_a?(Prism::ConstantPathNode)
        names.unshift(node.name.to_s)
        node = node.parent
      end
      names.unshift(node.name.to_s) if node.is_a?(Prism::ConstantReadNode)
      @found << (names.first == "Munimen" ? [names[1], true] : [names.first, false])
    end

    def visit_class_node(node)
      [node.superclass, node.body].compact.each { |child| child.accept(self) }
    end

    def visit_module_node(node) = node.body&.accept(self)
  end

  # Names that a room has within itself, at any depth.
  within = Hash.new do |all, room|
    files = Dir[File.join(Munimen::ROOT, "{core/#{room},#{room}}{.rb,/**/*.rb}")]
    defined = /^\s*(?:class|module)\s+(\w+)|^\s*([A-Z]\w+)\s*=/
    all[room] = files.flat_map { |file| File.read(file).scan(defined).flatten.compact }
  end

  paths = Dir.chdir(Munimen::ROOT) { Dir["{core,desk,store,pocket,formats,web}/**/*.rb"] }
  uses = paths.flat_map do |path|
    from = rooms_of[path]
    visitor = named.new
    Prism.parse_file(File.join(Munimen::ROOT, path)).value.accept(visitor)
    outside = visitor.found.uniq.reject { |name, whole| !whole && within[from].include?(name) }
    outside.filter_map do |name, _|
      to = owners[name]
      [from, to, path] if to && to != from && to != "values" && from != "values"
    end
  end
  rooms = uses.flat_map { |from, to, _| [from, to] }.uniq

  it "has no arrow that the drawing has not" do
    extra = uses.reject { |from, to, _| allowed[from].include?(to) }
    told = extra.group_by { |from, to, _| "#{from} --> #{to}" }
    expect(told.transform_values { |list| list.map(&:last).uniq.first(3) }).to eq({})
  end

  it "draws no arrow that the code has not" do
    there = uses.map { |from, to, _| [from, to] }.uniq
    drawn = allowed.flat_map { |from, tos| tos.map { |to| [from, to] } }
    expect(drawn.select { |pair| (pair - rooms).empty? } - there).to eq([])
  end

  it "has no circle of rooms" do
    left = rooms.to_h { |room| [room, uses.select { |from, _| from == room }.map { |use| use[1] }] }
    until left.empty?
      free = left.keys.reject { |room| left[room].intersect?(left.keys) }
      expect(free).not_to be_empty, "a circle among #{left.keys.join(", ")}"
      free.each { |room| left.delete(room) }
    end
  end

  ui = File.join(Munimen::ROOT, "ui/src")
  files = Dir["#{ui}/**/*.{ts,vue}"].grep_v(/\.test\.ts|\.d\.ts/)
  # The file that an import of another names, or nil where it is a library's.
  named_by = lambda do |file, name|
    from = name.start_with?("@/") ? ui : File.dirname(file)
    path = File.expand_path(name.delete_prefix("@/"), from)
    ["", ".ts", ".vue", "/index.ts"].map { |rest| path + rest }.find { |one| files.include?(one) }
  end
  imports = files.to_h do |file|
    named = File.read(file).scan(/(?:from|import\(|^import)\s*'([^']+)'/).flatten
    [file, named.filter_map { |name| named_by[file, name] }]
  end

  it "has no circle of files in the interface" do
    expect(imports.values.flatten.size).to be > 400
    circles = TSort.strongly_connected_components(->(&each) { imports.each_key(&each) },
                                                  ->(file, &each) { imports[file].each(&each) })
    expect(circles.select { |circle| circle.size > 1 }).to eq([])
  end

  # Within its page what sticks there lies over it.
  it "opens every dialog above the page" do
    dialogs = Dir[File.join(Munimen::ROOT, "ui/src/**/*.vue")].flat_map do |file|
      File.read(file).scan(/<el-dialog[^>]*>/m).map { |tag| [file, tag] }
    end
    expect(dialogs.size).to be > 15
    expect(dialogs.reject { |_, tag| tag.include?("append-to-body") }).to eq([])
  end

  it "keeps SQL, rows as texts and rulebooks by their ids out of desk/" do
    Dir[File.join(Munimen::ROOT, "desk/**/*.rb")].each do |file|
      expect(File.read(file)).not_to match(/Sequel|JSON\.parse\((?:@)?row|Rules::Book\[/), file
    end
  end
end
