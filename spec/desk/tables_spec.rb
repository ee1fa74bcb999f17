# frozen_string_literal: true

require "office_helper"
require "csv"

RSpec.describe Munimen::Desk::Tables do
  let(:tables) { described_class.new(office.context("office")) }
  let(:records) { office.records }

  it "takes back what it gave out without a change, for every table, and changes nothing by " \
     "looking" do
    office.walk(findings: { straps: :missing })
    visit = office.start
    office.read(visit, :static_pressure, "62 psi")
    %w[customers sites heaters readings deficiencies].each do |name|
      text = tables.export(name)
      expect(text.lines.size).to be > 1
      expect(tables.preview(name, text)[:counts]).to include(
        "new" => 0, "changed" => 0, "wrong" => 0
      ),
      name
      expect(tables.import(name, text)[:counts]["same"]).to eq(text.lines.size - 1)
    end
  end

  it "shows each row's fate, and imports all rows or none, with a file of what is wrong" do
    customer = office.customer
    text =
      "id,name,phone\n#{customer},Ada Brook-Hill,\n,Bo Ash,555\nnonsense,Cy,\n#{office.uuid},,\n"
    shown = tables.preview("customers", text)
    expect(shown[:rows].map { |row| [row[:line], row[:fate]] }).to eq(
      [[2, "changed"], [3, "new"], [4, "wrong"], [5, "wrong"]]
    )
    expect(shown[:errors]).to start_with("id,name,phone,email,note,language,error\r\n").and include(
      'nonsense,Cy,,,,,"id must be a UUID'
    ).and include("name is missing")
    expect(records.customers.list.map { |one| one[:name] }).to eq(["Ada Brook"])
    expect { tables.import("customers", text) }.to raise_error(
      Munimen::Refused,
      /2 of 4 rows are wrong; nothing was imported/
    )
    expect(records.customers.list.size).to eq(1)
    tables.import("customers", text.lines.first(3).join)
    expect(records.customers.list.map { |one| one[:name] }).to eq(["Ada Brook-Hill", "Bo Ash"])
    expect(records.customers.list(search: "hill").size).to eq(1)
  end

  it "takes sites, heaters and readings in by the same rules as the screen" do
    site = office.uuid
    visit = office.start
    expect(
      tables.import(
        "sites", "id,customer_id,address,lat,lng,household\n#{site},#{office.customer},9 " \
                 "Ford,45.1,-70.2,at_risk\n"
      )[
        :counts
      ][
        "new"
      ]
    ).to eq(1)
    wrong =
      tables.preview(
        "heaters",
        "site_id,label,kind,capacity\n#{site},Attic,gas_storage,50 parsecs\n#{site},Attic,steam,5" \
        "0\n"
      )[
        :rows
      ].map { |row| row[:text] }
    expect(wrong).to match([/is not a unit known here/, /kind cannot be “steam”/])
    tables.import("heaters", "site_id,label,kind,capacity\n#{site},Attic,electric_storage,190 L\n")
    expect(records.database[:heaters].where(label: "Attic").get(:installation)).to include("190 L")
    signed = office.walk
    rows =
      "visit_id,name,value\n#{visit},static_pressure,4 " \
      "bar\n#{signed},static_pressure,62\n#{visit},static_presure,62\n"
    expect(
      described_class.new(office.context("owner")).preview("readings", rows)[:rows].map do |row|
        row[:fate]
      end
    ).to eq(%w[new wrong wrong])
  end

  # A list as firms have them: their own names of columns, semicolons, Windows-1252, a cell of two
  # lines, and the address beside the name.
  it "takes a list of any firm, names what it cannot place, and takes it twice without doubling" do
    list = "Customer Name;Telephone;E-Mail;Street Address;Our No\r\n" \
           "\"Rósa \r\nFenn\";555-1;rosa@example.test;3 Quay;7\r\nUdo Ash;;udo@;4 Quay;8\r\n"
           .encode("Windows-1252").b
    expect { tables.preview("customers", list) }.to raise_error(Munimen::Error) { |error|
      expect(error.message).to include("Our No")
      expect(error.details).to include(
        columns: include("Our No"), taken: include("Telephone" => :phone, "Our No" => nil)
      )
    }
    known = described_class.new(office.context("office"), mapping: { "Our No" => "" })
    expect(known.preview("customers", list)[:rows]).to match(
      [include(line: 2, fate: "new"), include(line: 4, fate: "wrong", text: /address such as/)]
    )
    list = list.sub("udo@;", "udo@example.test;")
    expect(known.import("customers", list)[:counts]).to include("new" => 2)
    expect(known.preview("customers", list)[:counts]).to include("same" => 2, "new" => 0)
    expect(records.customers.list(search: "quay").map do |one|
      [one[:name], one[:addresses]]
    end).to eq(
      [["Rósa \nFenn", ["3 Quay"]], ["Udo Ash", ["4 Quay"]]]
    )
    other = known.preview("customers", "name,phone\nUdo Ash,555-9\n")
    expect(other[:rows].first).to include(fate: "new",
text: /Another one is known: Udo Ash, udo@example.test\./)
  end

  # Five shapes of the same people, as five programs would write them; two of them share a name.
  it "knows whom it has, by name, number, address, in parts or the other way round" do
    people = [["Ann", "Lee", "+1 440 555 0257", "ann@a.test", "4 Oak St", "Elyria", "OH", "44035"],
              ["Ann", "Lee", "440-555-0911", "", "9 Elm St", "Elyria", "OH", "44035"],
              ["Zoë", "Brontë", "", "zoe@b.test", "1 Quay", "Lorain", "OH", "44052"]]
    shapes = {
      "First,Last,Tel. no.,E-mail address,Street,City,State,ZIP" => ->(one) { one },
      "Name,Phone,Email,Address" => lambda { |f, l, p, e, s, c, st, z|
        ["#{f} #{l}", p, e, "\"#{s}, #{c}, #{st} #{z}\""]
      },
      "Customer,Mobile,Mail" => lambda { |f, l, p, e, *|
        ["\"#{l}, #{f}\"", p.gsub(/\D/, ""), e.upcase]
      },
      "Full name,Telephone,Full address" => lambda { |f, l, p, _, s, c, st, z|
        ["#{f} #{l}".unicode_normalize(:nfd).gsub(/\p{Mn}/, ""), p.delete(" ").sub("+1", "1"),
         "\"#{s.upcase}, #{c}, #{st} #{z}\""]
      },
      "Surname;Forename;E-mail;Address 1;Town;County;Postcode" => lambda { |f, l, _, e, s, c, t, z|
        [l, f, e, s, c, t, z]
      }
    }
    counts = shapes.map do |head, shape|
      separator = head[/[;,]/]
      rows = people.map { |one| shape.call(*(shape.arity == 1 ? [one] : one)).join(separator) }
      list = "#{head}\n#{rows.join("\n")}\n"
      Array.new(2) { tables.import("customers", list)[:counts].reject { |_, n| n.zero? } }
    end
    expect(counts.first).to eq([{ "new" => 3 }, { "same" => 3 }])
    expect(counts.drop(1).flatten.uniq).to eq([{ "same" => 3 }])
    found = records.customers.list(search: "elyria").map { |one| one[:addresses] }
    expect(found).to contain_exactly(["4 Oak St, Elyria, OH 44035"], ["9 Elm St, Elyria, OH 44035"])
  end

  it "finds whom a file brought, also where the words were still to be written when it stopped" do
    customers = office.records.customers
    tables.import("customers", "name,address\nJonna Weddel,3 Kiln Row\n")
    expect(customers.list(search: "kil wed").map { |row| row[:name] }).to eq(["Jonna Weddel"])

    id = customers.list(search: "weddel").first[:id]
    office.records.database[:search_words].where(customer_id: id).delete
    office.records.database[:search_waiting].insert(customer_id: id)
    again = Munimen::Web::Config.new(office.config.folder).records
    expect(again.customers.list(search: "kiln").map { |row| row[:id] }).to eq([id])
    expect(again.database[:search_waiting].count).to eq(0)
  ensure
    again&.database&.disconnect
  end

  it "takes a unit from a column's name or from one of its own" do
    rows = "site_id\tlabel\tkind\tCapacity (gal)\tset point\tset point unit\n" \
           "#{office.site}\tAttic\telectric_storage\t50\t49\t°C\n"
    tables.import("heaters", rows.encode("UTF-16"))
    kept = JSON.parse(records.database[:heaters].where(label: "Attic").get(:installation))
    expect(kept).to include("capacity" => "50 gal", "set_point" => "49 °C")
  end

  it "gives out visits, what is owed and the verdicts of signed visits" do
    office.walk(findings: { straps: :missing })
    expect(CSV.parse(tables.export("verdicts"), headers: true).map(&:to_h)).to include(
      include("check" => "straps", "state" => "defect", "text" => /strap/i)
    )
    visit = CSV.parse(tables.export("visits"), headers: true).first.to_h
    expect(visit).to include("status" => "signed", "plumber" => "Plumber",
                             "customer" => "Ada Brook", "address" => "1 Weir Lane")
    expect(visit["hours"].to_f).to be_between(0.3, 4)
    expect(tables.export("dues")).to include("straps")
  end

  it "leaves what the file has no column for, and lets no row wander off" do
    heater = office.heater
    site = office.site
    tables.import("sites", "id,address,lat,lng,household\n#{site},9 Ford,45.1,-70.2,at_risk\n")
    plate = records.heaters.find(heater)[:installation].transform_keys(&:to_s)
    tables.import("sites", "id,address\n#{site},10 Ford\n")
    expect(records.customers.site(site)).to include(
      address: "10 Ford",
      lat: 45.1,
      lng: -70.2,
      household: "at_risk"
    )
    tables.import("heaters", "id,label,kind,serial\n#{heater},Cellar,gas_storage,S-9\n")
    expect(records.heaters.find(heater)[:installation].transform_keys(&:to_s)).to eq(
      plate.merge("serial" => "S-9")
    )
    expect(
      tables.preview(
        "heaters", "id,site_id,label,kind\n#{heater},#{office.uuid},Cellar,gas_storage\n"
      )[
        :rows
      ].first
    ).to include(fate: "wrong", text: /site_id is .* stays so/)
  end

  # Cells that spreadsheets take for formulas: = + - @, tab and return first (OWASP, CSV
  # injection; from memory).
  it "lets no cell become a formula, and reads its own guard back" do
    evil = ["=1+1", "@SUM(A1)", "+cmd|' /C calc'!A0", "-2+3", "\t=1"]
    evil.each do |name|
      Munimen::Desk::AddCustomer.new(office.context).call(id: office.uuid, name: "x", note: name)
    end
    text = tables.export("customers")
    CSV
      .parse(text, headers: true)
      .each do |row|
        row.to_h.each_value { |cell| expect(cell.to_s).not_to match(/\A[=+@\t]|\A-\D/) }
      end
    expect(tables.preview("customers", text)[:counts]).to include("wrong" => 0, "changed" => 0)
  end

  it "refuses what is no such table, and whoever may not" do
    expect { tables.preview("customers", "name\n\"x") }.to raise_error(Munimen::Error, /not CSV/)
    expect { tables.preview("customers", "nam\nx") }.to raise_error(
      Munimen::Error,
      /no column “nam”/
    )
    expect do
      tables.preview("customers", "na\0me\nx")
    end.to raise_error(Munimen::Error, /no table in|not a table/)
    expect { tables.preview("visits", "id\nx") }.to raise_error(Munimen::Refused, /only goes out/)
    expect { tables.preview("accounts", "name\nx") }.to raise_error(Munimen::NotFound)
    expect { described_class.new(office.context).export("customers") }.to raise_error(
      Munimen::Refused
    )
  end
end
