require "office_helper"
RSpec.describe Munimen::Web do
  include Rack::Test::Methods
  include Routes
  include ByChance rescue nil
  def app = @app ||= Munimen::Web::Stack.build(office.config, check_responses: false)
  def answer = JSON.parse(last_response.body)
  def token = (get "/api/session"; answer["csrf"])
  def send_json(verb, path, body, csrf: token)
    type, text = written(body)
    header "Content-Type", type; header "Accept", "application/json"; header "X-CSRF-Token", csrf
    public_send(verb, path, text)
  end
  I = Munimen::Words::Interpreter
  class Rec < I
    attr_reader :unknown, :skipped
    def initialize(l) = (super; @unknown=Hash.new{|h,k| h[k]=[]}; @skipped=Hash.new{|h,k| h[k]=[]})
    def answer(value, name=nil)
      case value
      when Munimen::Message then note(value,name)
      when Munimen::Typed then nil
      when String then
        if I::READ.include?(name) then note(value,name) else @skipped[name] << value if value =~ /[[:alpha:]]{2,} [[:alpha:]]/ end
      end
      super
    end
    def note(v,name)
      parts = v.is_a?(Munimen::Message) ? (v.parts || [v.template,*v.with.values]) : [v]
      parts.each{|x| x.is_a?(Munimen::Message) ? note(x,name) : x.is_a?(Munimen::Typed)||!x.is_a?(String) ? nil : check(x,name) }
    end
    def check(x,name)
      return unless x.gsub(Munimen::Message::NAME,"") =~ /[[:alpha:]]{3}/
      return if @language.knows?(x) || @language.knows?(x.sub(/\A./,&:swapcase)) || Munimen::Words.all.keys.any?{|w| @language.exact(x,w)} || @language.by_date(x)
      @unknown[name] << x
    end
  end
  it "x" do
    rec = Rec.new(Munimen::Words::Language[:es])
    allow(I).to receive(:for).and_return(rec)
    send_json(:post, "/auth/login", { login: "owner@example.test", password: Office::PASSWORD })
    examples.each do |id,(verb,path,body)|
      body ? send_json(verb,path,body) : public_send(verb,path)
    end
    %w[england canada].each{|u| get "/api/calculations?units=#{u}"; get "/api/heater-form?units=#{u}"; get "/api/jobs?units=#{u}" }
    puts "UNKNOWN"; rec.unknown.each{|k,v| v.uniq.each{|x| puts "#{k}\t#{x[0,200]}"}}
    puts "SKIPPED"; rec.skipped.each{|k,v| puts "#{k}\t#{v.uniq.first(6).map{|x| x[0,90]}.inspect}"}
  end
end
