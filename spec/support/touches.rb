# frozen_string_literal: true

# Goes through a visit on a phone as somebody does who knows the page, and counts: touches (a finger
# on the glass, Enter on the keyboard), characters, and scrolls (what is touched was not in view).
# What a finger does not do is not counted: a wait that ends by itself, a stroke of a pen is one.
class Touches
  Row = Struct.new(:step, :touches, :characters, :scrolls)
  TITLE = "document.querySelector('article h2')?.textContent.trim()"
  TEXT = "document.querySelector('main').innerHTML"
  BUSY = "!!document.querySelector('.visit[aria-busy=true]')"
  OPEN = "[...document.querySelectorAll('.reading')].findIndex(one => " \
         "!one.querySelector('.kept, [aria-pressed=true]') && " \
         "!one.textContent.includes('may be left out'))"
  attr_reader :rows

  # screen: the example; values: {reading => what is typed}; words: {reading => the choice's label},
  # where it is not the first.
  def initialize(screen, values:, words: {})
    @screen = screen
    @values = values
    @words = words
    @rows = []
    row("start")
  end

  def page = @screen.page
  def total = %i[touches characters scrolls].to_h { |one| [one, rows.sum(&one)] }
  def row(step) = @rows << Row.new(step, 0, 0, 0)

  # A touch on the first that is shown of a selector (and text).
  def touch(css, text: nil)
    node = page.find(css, text:, match: :first)
    @rows.last.touches += 1
    @rows.last.scrolls += 1 unless in_view?(node)
    node.click
  end

  # Typed where the cursor stands, else after a touch on the field; then Enter.
  def type(css, text)
    fill(css, text, :enter)
    @rows.last.touches += 1
  end

  # The same, and no Enter.
  def fill(css, text, *keys)
    node = page.find(css, match: :first)
    if page.evaluate_script("document.activeElement === arguments[0]", node)
      @rows.last.scrolls += 1 unless in_view?(node)
    else
      touch(css)
    end
    @rows.last.characters += text.size
    node.send_keys(text, *keys)
  end

  # The plan to a step, else all of it to the page of the signatures.
  def work_through(to: "Finish the visit")
    60.times do
      title = @screen.title
      return if title == to

      row(title)
      60.times { break if done?(title) || !acted? }
      @screen.expect_next(title)
    end
    raise "the visit does not end"
  end

  # kept: whether the plumber has kept a signature under their account.
  def sign(kept: true)
    row("sign")
    @rows.last.touches += 1
    @screen.draw_signature
    touch("form button[type=submit]")
    @screen.expect(page).to(@screen.have_content("Signed in as"))
    if kept then touch("button", text: "Sign with my signature")
    else
      @rows.last.touches += 1
      @screen.draw_signature
      touch("form button[type=submit]")
    end
    @screen.expect(page).to(@screen.have_content(/Signed and locked|Signed on this device/))
  end

  private

  def in_view?(node)
    page.evaluate_script(<<~JS, node)
      (() => { const { top, bottom } = arguments[0].getBoundingClientRect()
        return top >= 56 && bottom <= innerHeight - 54 })()
    JS
  end

  def done?(title) = page.evaluate_script(TITLE) != title

  # The next thing that the card asks for; false where nothing is left to do on it.
  def acted?
    before = page.evaluate_script(TEXT)
    ended = waited
    one = ended || looked || decided || proved || read || said
    return false unless one

    settled(before)
    true
  end

  # A wait ends by itself.
  def waited
    return unless shows?(".needs, .actions .error") && shows?(".waits .wait")

    page.first(".waits .wait button", wait: 0).click
    true
  end

  def looked
    if shows?(".looks .rest") then touch(".looks .rest")
    elsif shows?(".looks .all") then touch(".looks .all")
    elsif shows?(".looks .none") then touch(".looks .none")
    elsif shows?(".looks .doubt") then touch(".looks .doubt button:last-child")
    elsif shows?(".open-before .choices button") then touch(".open-before .choices button")
    else return
    end
    true
  end

  def decided
    return unless shows?(".decide") && !shows?(".decide [aria-pressed=true]")

    touch(".decide button")
    true
  end

  def proved
    return unless page.has_button?("Works", wait: 0) && !shows?(".go:not([disabled])")

    works = page.all("button", text: "Works", wait: 0)
    zeros = page.all("button:not([disabled]):not([aria-pressed=true])", text: "0 V", wait: 0)
    if page.has_no_css?("[aria-pressed=true]", text: "Works", wait: 0) then click(works.first)
    elsif zeros.any? then click(zeros.first)
    else click(works.last)
    end
    true
  end

  def click(node)
    @rows.last.touches += 1
    node.click
  end

  def read
    return touch(".full") || true if shows?(".full")

    index = page.evaluate_script(OPEN)
    return if index.negative?

    box = page.all(".reading", wait: 0)[index]
    input = box.all("input", wait: 0).first
    if input
      type("input[name='#{input["name"]}']", @values.fetch(input["name"]))
    else
      click(box.all(".choice", wait: 0).first)
    end
    true
  end

  def said
    return unless shows?(".go:not([disabled])")

    touch(".go")
    true
  end

  def shows?(css) = @screen.shows?(css)

  # Until the screen has taken it in, the office has answered, and it stands still.
  def settled(before)
    was = before
    same = 0
    200.times do
      now = page.evaluate_script(TEXT)
      still = now == was && now != before && !page.evaluate_script(BUSY)
      same = still ? same + 1 : 0
      return if same == 4

      was = now
      sleep 0.04
    end
  end
end
