# frozen_string_literal: true

require "forwardable"
require "json"
require "zeitwerk"

# The computation of Elm Cup. A folder for each question, in the order a cook asks them; each leans only on those above it:
# quantity, ingredient, pantry, mixture, fat, binding, piece, coating, cold, keeping, document, wish, second_look, assessment, balance,
# method, plan, observation, exchange; and door, which turns their values into JSON at the doors.
module ElmCup
  LOADER = Zeitwerk::Loader.new
  LOADER.push_dir(File.join(__dir__, "elm_cup"), namespace: self)
  LOADER.setup

  # The doors of the core: what the server and bin/elm call.

  # A formula document from JSON text (bytes). InvalidDocument when it is not JSON within the limits.
  def self.read_json(bytes) = Document::JsonReader.read(bytes)

  # The library that ships: what every door takes where the household has nothing of its own.
  def self.shipped = Ingredient::Library.default

  # The assessment of a parsed formula document, as a Hash ready for JSON. InvalidDocument when it cannot be taken.
  # `pantry` is an Ingredient::Library of `pantry`, where the household has ingredients of its own; sections: names of what is wanted
  # ("components", "pieces", "cost" …), nil for everything; without: names of what is left out. Nothing else is reckoned.
  def self.assess(document, pantry: shipped, sections: nil, without: [])
    Door::AssessmentWriter.call(Assessment.of(document, library: pantry), sections: sections, without: without)
  end

  # Pieces, cut, coat and what the kitchen's tools would make of a formula document, as a Hash ("shape/1"). InvalidDocument when it cannot
  # be taken.
  def self.shape(document, pantry: shipped) = Door::ShapeWriter.call(Assessment.of(document, library: pantry))

  # When each step of a formula document is firm enough, how warm it may get, where it lives and for how long, as a Hash ("cold/1").
  # InvalidDocument when it cannot be taken.
  def self.cold(document, pantry: shipped) = Door::ColdWriter.call(Assessment.of(document, library: pantry))

  # What is put into the cold in a step of a formula document, the one that the cook waits for where none is named, and how a place takes
  # its heat: [Cold::ProbeCurve::Body, Cold::Air]. InvalidDocument where there is no such step, or place.
  def self.cooling_body(document, place:, step: nil, pantry: shipped)
    assessment = Assessment.of(document, library: pantry)
    cold = assessment.section("cold")
    plan = step ? cold.plans.find { |each| each.id == step } : cold.leading_plan
    InvalidDocument.refuse("/step", :no_such_step, id: step.to_s) unless plan
    unless Cold::GlassTest::KINDS.include?(place)
      InvalidDocument.refuse("/to", :not_one_of, given: JsonFaults.shown(place), choices: Cold::GlassTest::KINDS.join(", "))
    end
    [Cold::ProbeCurve::Body.of(plan), assessment.formula.kitchen.place(place).typical]
  end

  # The steps of a formula document, as a Hash ("steps/1"): drafted, with the recipe's own lines and the document's edits among them.
  # before: a document to say the changes since. InvalidDocument when it cannot be taken, or steps wait for each other in a circle.
  def self.steps(document, before: nil, pantry: shipped)
    assessment = Assessment.of(document, library: pantry)
    steps = Method::Steps.new(assessment)
    changes = before && Method::Comparison.new(Method::Steps.new(Assessment.of(before, library: pantry)), steps).words
    strip = Plan::Strip.new(steps.kept, assessment.formula.kitchen.means, serial: assessment.formula.shape&.id == "mould")
    Door::StepsWriter.call(assessment, steps, strip, changes: changes)
  end

  # A formula document (Hash) with one change to its steps (Method::Change): said, a Hash. InvalidDocument where it cannot be made.
  def self.edit_steps(document, said, pantry: shipped) = Method::Change.call(Assessment.of(document, library: pantry), document, said)

  # The plan of a parsed "plan-request/1", as a Hash ("plan/1"). now: Time, where the request says none; beside: "plan/1" Hashes of what
  # else is planned then; have: what there is, Hashes with ingredient and grams; sections: of what is slow, "quick" and "relax".
  # InvalidDocument at every fault.
  def self.plan(said, now: nil, beside: [], have: [], sections: Door::PlanWriter::SLOW, pantry: shipped)
    request = Plan::Request.read(said, library: pantry, now: now)
    timetable = Plan::Timetable.new(request, library: pantry, beside: Plan::Busy.of(beside, request.calendar))
    Door::PlanWriter.call(timetable, library: pantry, have: have, sections: sections)
  end

  # A kept plan ("plan/1", Hash) as iCalendar text. uid: what its events are known by; sequence: how often it was changed; stamp: Time.
  def self.plan_calendar(plan, uid:, stamp:, sequence: 0)
    Exchange::PlanCalendar.new(plan, uid: uid, sequence: sequence, stamp: stamp).to_s
  end

  # The cut of a formula's tin at true size as PDF (bytes). InvalidDocument when it cannot be taken, or nothing is cut in it.
  def self.template(document, pantry: shipped) = Exchange::CutTemplate.new(Assessment.of(document, library: pantry)).to_pdf

  # The kitchen document ("kitchen/1") of a household that has said nothing, as a Hash.
  def self.usual_kitchen = Document::Household.usual

  # nil, or InvalidDocument: whether a parsed kitchen document can be kept.
  def self.check_kitchen(said) = Document::Household.check(said)

  # What formulas take of a kitchen document that was checked, as a Hash.
  def self.kitchen_of(said) = Document::Household.shared(said)

  # A tool by the water that fills it, as a Hash like those of a kitchen document. said: kind, water_ml, and what was measured.
  # InvalidDocument where that cannot be one.
  def self.tool_by_water(said) = Piece::ByWater.call(said)

  # What a glass of water that cooled in a freezer or a fridge says of it, as a Hash ("glass/1"). said: kind, readings ([[minutes, °C], …]),
  # air_c or dial_c, fan. InvalidDocument where that cannot be, or tells nothing.
  def self.glass_test(said, pantry: shipped) = Door::GlassWriter.call(said, pantry)

  # What a list shows of a formula document, as a Hash: texture, pieces, diets of the whole, and no more than that is reckoned.
  # InvalidDocument when it cannot be taken.
  def self.summary(document, pantry: shipped) = Door::SummaryWriter.call(Assessment.of(document, library: pantry))

  # The same of a document that was kept once, whatever it is: nothing is known of it but how many faults it has.
  def self.unjudged_summary(document, faults) = Door::SummaryWriter.unjudged(document, faults)

  # The library with the household's own ingredients (Hashes, docs/ingredient.schema.json) over it. InvalidDocument at every fault.
  def self.pantry(ingredients, currency: Pantry::USUAL_CURRENCY) = Pantry.library(ingredients, base: shipped, currency: currency)

  # A Pantry::Kept of ingredients that were kept once (Hashes): the library of those that this version reads, and the others with their
  # faults. It refuses nothing, so that one row that cannot be read stops nobody.
  # before: the Kept of a moment ago, whose work is not done twice.
  def self.kept_pantry(ingredients, currency: Pantry::USUAL_CURRENCY, before: nil)
    Pantry.kept(ingredients, base: shipped, currency: currency, before: before)
  end

  # What of ingredients of the household's own (Hashes) a verdict depends on: a price changes none.
  def self.judging(ingredients) = Pantry.judging(ingredients)

  # nil, or InvalidDocument: whether a household may keep so many ingredients of its own.
  def self.check_pantry_size(count) = Pantry.check_size(count)

  # Every row of a library with all its figures, sources and spreads, as Hashes.
  def self.pantry_rows(pantry = shipped) = Door::PantryRows.rows(pantry)

  # One ingredient from its pack's label, checked, as a Hash ("label/1"). InvalidDocument where the label cannot be true.
  def self.label(said) = Door::LabelWriter.call(Pantry::LabelReading.new(said, base: shipped))

  # The household's own ingredients of CSV bytes as Hashes; and Hashes as CSV. InvalidDocument naming row and column.
  def self.read_pantry_csv(bytes) = Pantry::Csv.read(bytes).tap { |rows| Pantry.library_of_rows(rows, base: shipped) }

  def self.write_pantry_csv(ingredients) = Pantry::Csv.write(ingredients)

  # The lines of an assessment (a Hash of `assess`) that are not read, each with component, pointer, text, status and message.
  def self.flagged(assessment) = Door::FlagWriter.call(assessment)

  # A typed amount in another unit, as a Hash. UnreadableText when it cannot be done.
  def self.convert(text, to: "g", pantry: shipped, cup: pantry.kitchen["cup"] || "us")
    Door::ConversionWriter.call(Ingredient::Conversion.new(text, to: to, cup: cup, library: pantry))
  end

  # One typed line on its own, as a Hash like a line of an assessment. `ingredient` is the id that the cook said it is;
  # where she said it of the line `was`, it holds while the text names the same thing, and the answer's `chosen` tells.
  # cup, spoons: where nothing is said, those of the household.
  def self.read_line(text, ingredient: nil, was: nil, process: "hand", pantry: shipped, cup: pantry.kitchen["cup"] || "us",
    spoons: pantry.kitchen["spoons"] || Quantity::KitchenMeasures::SPOONS)
    standard = Quantity::CupStandard.find(cup)
    line = Ingredient::LineResolver.new(process: process, standard: standard, library: pantry).resolve(text, chosen: ingredient, was: was)
    Door::LineWriter.call(line, nil, 0, Quantity::KitchenMeasures.of(standard, spoons), pantry)
  end

  # A typed line with its last amount so many spoon steps larger, smaller where negative.
  def self.nudge(text, steps) = Quantity::Nudge.call(text, steps)

  # What can be chosen from, as a Hash: ingredients, scoops, textures and their edges, cup standards, spoons, the usual kitchen.
  def self.library(pantry = shipped) = Door::Catalogue.of(pantry)

  # A formula document with every amount times `factor`, exactly. InvalidDocument when it cannot be taken.
  def self.scale(document, factor)
    Document::Schema.check(document)
    Document::Scale.call(document, factor)
  end

  # A recipe as it comes, text, JSON-LD or a formula document, as a Hash ("import/1") with the formula document it makes, what each
  # line was read as, and what was not understood. InvalidDocument when nothing can be made of it.
  def self.import(bytes, pantry: shipped) = Door::ImportWriter.call(Exchange::Import.of(bytes, library: pantry))

  # A formula document as text: "json", "jsonld", "md" or "csv". InvalidDocument when it cannot be taken.
  def self.export(document, format, pantry: shipped) = Exchange::Export.call(document, format, library: pantry)

  # Two formula documents side by side, as a Hash ("compare/1"): lines with their grams, and figures, of both.
  def self.compare(before, after, pantry: shipped)
    Door::ComparisonWriter.call(Assessment::Comparison.new(*[before, after].map { |document| Assessment.of(document, library: pantry) }))
  end

  # The same and how it turns out, as a Hash ("scale/1"): to a factor, to a number of pieces of so many grams, or to the grams of the
  # whole; each line's nearest measure with its error, and what does not scale. InvalidDocument when it cannot be done.
  def self.scaling(document, pantry: shipped, **wanted)
    Door::ScalingWriter.call(Assessment::Scaling.new(document, library: pantry, **wanted))
  end

  # Up to three formulas that grant the wishes with the least change, or which wishes clash and what each would have to give, as a Hash
  # ("balance/1"). InvalidDocument where it cannot be asked.
  #   wishes   texts; nil takes those of the document           have    ingredient ids that helpers are kept to; nil for all
  #   answers  at most so many       quick  the first that is found, not yet the least for sure
  #   clock, seconds, stop  see Balance::Pace
  def self.balance(document, wishes: nil, have: nil, answers: Balance::Balancer::MOST, quick: false, pantry: shipped, **pace)
    balancer = Balance::Balancer.new(document, wishes: wishes, have: have, library: pantry, pace: Balance::Pace.new(**pace))
    Door::BalanceWriter.call(balancer.result(answers, quick: quick))
  end

  # What can be taken instead of one ingredient for a reason, with the amount that keeps the texture, as a Hash ("substitute/1").
  # InvalidDocument where the line or the reason is none.
  def self.substitute(document, line:, reason:, have: nil, pantry: shipped, **pace)
    found = Balance::Substitutes.new(document, line: line, reason: reason, have: have, library: pantry, pace: Balance::Pace.new(**pace))
    Door::SubstitutesWriter.call(found)
  end

  # Up to three different bowls of what there is, as a Hash ("balance/1"). said: a parsed cupboard document (docs/cupboard.schema.json).
  # InvalidDocument at every fault.
  def self.cupboard(said, pantry: shipped, **pace)
    Door::CupboardWriter.call(Balance::Cupboard.new(said, library: pantry, pace: Balance::Pace.new(**pace)))
  end

  # A formula for one or two pieces, in grams, drops and pinches, as a Hash ("trial/1"). scale: steps that the scale shows, .1 or 1 g.
  def self.trial(document, pieces: 2, scale: 0.1, pantry: shipped)
    Door::TrialWriter.call(Balance::Trial.new(document, pieces: pieces, scale: scale, library: pantry))
  end

  # Doses for a bowl that nobody wrote down, as a Hash ("rescue/1"). said: a parsed bowl document (docs/bowl.schema.json).
  # InvalidDocument at every fault.
  def self.rescue_bowl(said, pantry: shipped) = Door::UnknownBowlWriter.call(Balance::UnknownBowl.new(said, library: pantry))

  # What the bowl of one part of a batch is like after all that was said of it, and what would bring it right, as a Hash ("rescue/1").
  # document: Hash of what is made; events: Hashes, as they were kept; component: name of the part, the leading one where it is nil;
  # complaint: id of what is wrong, where that is asked about. InvalidDocument where the part or the complaint is none.
  def self.rescue_batch(document, events, component: nil, complaint: nil, pantry: shipped)
    assessment, state = made(document, events, pantry)
    part = assessment.part(component) || InvalidDocument.refuse("/component", :no_such_component, name: component.to_s,
      names: assessment.judged_parts.map(&:name).join(", "))
    row = Counter::Complaint.named(complaint) if complaint
    Door::CounterWriter.call(Counter::Bowl.new(assessment, part, state, trial: trial?(events)), complaint: row)
  end

  # A batch while it is made, as a Hash ("make/1"): its steps with what goes in at each, which one is on. document: Hash of what is made;
  # events: Hashes, as they were kept.
  def self.making(document, events, pantry: shipped)
    Door::MakingWriter.call(Counter::Making.new(*made(document, events, pantry)))
  end

  # What a cook types for a wish ("less sweet", "under 90 kcal", "no peanut"), as a Hash: wish, words, now, met, and all wishes of the
  # document with it. document: nil where there is no bowl yet; component: the name of the part that it is said of. InvalidDocument where it
  # means none.
  def self.wish(document, text, component: nil, pantry: shipped)
    desk = document.nil? ? Balance::WishDesk.without_bowl(pantry) : Balance::WishDesk.of(document, pantry)
    Door::WishWriter.call(desk.read(text, component: component))
  end

  # nil, or InvalidDocument: whether a parsed batch document ("batch/1", docs/batch.schema.json) can be kept.
  def self.check_batch(said) = Observation::EventsDocument.check(said)

  # The Time of ISO 8601 text; InvalidDocument at `pointer` where it is none.
  def self.read_time(text, pointer) = Observation::EventsDocument.time(text, pointer)

  # What is predicted of each judged part of a formula document, with all it is reckoned from, as Hashes: component, t, scale, odds, inputs.
  # InvalidDocument when it cannot be taken.
  def self.predictions(document, pantry: shipped)
    Door::Json.of(Observation::Prediction.all(Assessment.of(document, library: pantry)))
  end

  # The data of a batch's event (a Hash) with what the core reads in it. document: Hash of what is made.
  def self.complete_event(kind, data, document, pantry: shipped) = Observation::Completion.call(kind, data, document, pantry)

  # What the events of a batch (Hashes) come to, whatever order they came in, as a Hash. document: Hash of what was made. InvalidDocument
  # where what was kept of it is not of this version.
  def self.batch_state(events, document) = Door::BatchWriter.call(state_of(events), document)

  def self.state_of(events)
    Observation::EventsDocument.check_kept(events)
    Observation::State.of(events.map { |said| Observation::Event.from(said) })
  end

  # [Assessment of what is made, as large as it is made; State of the batch at that size].
  def self.made(document, events, pantry)
    state = state_of(events)
    document = Document::Scale.call(document, state.scale.to_s) unless state.scale == 1
    [Assessment.of(document, library: pantry), state.with(scale: 1)]
  end

  def self.trial?(events) = events.any? { |event| event["kind"] == "started" && event["data"].key?("trial_pieces") }
  private_class_method :state_of, :made, :trial?

  # The same for a list: no lines but those that were weighed otherwise than planned; so many of what may be many, and how many there are.
  # InvalidDocument where what was kept of the batch is not of this version.
  def self.batch_brief(events, document) = Door::BatchWriter.brief(state_of(events), document)

  # The name of the component that stands for the whole, of the components of a document or an assessment (Hashes with name and type).
  def self.leading(components) = Document::Parts.leading_name(components)

  # A formula document with one change to its parts (Document::PartsEdit), as a Hash: formula, words of what was done, what to say of it,
  # the place of the part that was added or moved. InvalidDocument where it cannot be made.
  def self.edit_parts(document, edit) = Door::PartsEditWriter.call(Document::PartsEdit.new(document, edit))

  # A formula document (Hash) that has nothing in it yet.
  def self.empty_formula = Document::EmptyFormula.document

  # nil, or InvalidDocument: whether a parsed formula document can be kept.
  def self.check(document) = Document::Schema.check(document)

  # nil, or InvalidDocument: whether it can be kept as a draft. Its parts may still disagree: flavours that come to more than the whole.
  def self.check_draft(document) = Document::Schema.check_form(document)

  LOADER.eager_load
end
