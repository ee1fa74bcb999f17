# frozen_string_literal: true

require "rodauth"

module Munimen
  module Store
    # What a password must be: long enough, and none of those that everybody tries first (the list
    # of the 10 000 most common ones ships with Rodauth). Length over rules of composition: NIST SP
    # 800-63B.
    module Passwords
      LEAST = 12
      MOST = 200
      FOLDER = Gem.loaded_specs.fetch("rodauth").full_gem_path
      LIST = File.join(FOLDER, "dict/top-10_000-passwords.txt")

      module_function

      def common = @common ||= File.readlines(LIST, chomp: true).to_set.freeze

      # Raises Error where a password will not do. others: texts that it must not be, such as the
      # address.
      def check!(password, *others)
        text = password.to_s
        because = if text.size < LEAST then Message.of("must have at least {least} characters",
                                                       least: LEAST)
                  elsif text.size > MOST then Message.of("may have no more than {most} characters",
                                                         most: MOST)
                  elsif common?(text) then "is one that everybody tries first"
                  elsif others.compact.map(&:downcase).include?(text.downcase)
                    "must not be the address or the name"
                  end
        raise Error.new(Message.of("password {because}.", because:), field: :password) if because
      end

      # As it is, or some common one written twice or followed by figures.
      def common?(text)
        word = text.downcase.sub(/\d+\z/, "")
        half = word[0, word.size / 2]
        common.include?(text.downcase) || common.include?(word) ||
          (word.size > 1 && half * 2 == word && common.include?(half))
      end
    end
  end
end
