# frozen_string_literal: true

module Munimen
  module Desk
    # The CSV tables, one file each in table_kinds/: what a table has for columns, how its rows
    # are read from the records, and how one is taken in.
    module TableKinds
      UUID = /\A\h{8}-\h{4}-\h{4}-\h{4}-\h{12}\z/
      NAMES =
        Dir
          .children(File.join(__dir__, "table_kinds"))
          .map { |file| File.basename(file, ".rb") }
          .sort
          .-(%w[kind out])
          .freeze

      # What can be had: [{id:, title:, out:}]; out: whether it only goes out.
      def self.list
        NAMES.map do |name|
          kind = const_get(name.capitalize)
          { id: name, title: kind::TITLE, out: kind.ancestors.include?(Out) }
        end
      end

      # The table of a name, such as "customers". Raises NotFound.
      def self.find(name, context)
        unless NAMES.include?(name.to_s)
          raise NotFound.new(Message.of("There is no table “{name}”.", name:), field: :table)
        end

        const_get(name.to_s.capitalize).new(context)
      end
    end
  end
end
