import type { components } from './schema';

type S = components['schemas'];

export type Verdict = S['app.brasskettle.core.verdict.Judgement']['verdict'];
export type Judgement = S['app.brasskettle.core.verdict.Judgement'];
export type Problem = S['app.brasskettle.core.worksheet.Problem'];
export type Step = S['app.brasskettle.core.worksheet.Step'];
export type Session = S['app.brasskettle.server.access.SessionController.Session'];
export type Person = S['app.brasskettle.server.access.Person'];
export type ShopLine = S['app.brasskettle.server.shops.ShopStore.Line'];
export type FloorRow = S['app.brasskettle.server.floor.FloorRow'];
export type JobView = S['app.brasskettle.server.jobview.JobView'];
export type Identity = S['app.brasskettle.server.jobview.JobView.Identity'];
export type LedgerEntry = S['app.brasskettle.server.jobview.JobView.LedgerEntry'];
export type Gate = S['app.brasskettle.core.energise.EnergiseGate'];
export type WorkWord = S['app.brasskettle.server.bench.WorkController.WorkWord'];
export type GateReason = S['app.brasskettle.core.energise.EnergiseGate.Reason'];
export type Standing = S['app.brasskettle.server.jobview.JobView.Standing'];
export type TestLines = S['app.brasskettle.core.charts.TestLines'];
export type InsulationCurve = S['app.brasskettle.core.charts.InsulationCurve'];
export type InstrumentKind = S['app.brasskettle.server.calibration.InstrumentsController.KindWord'];
export type Discharge = S['app.brasskettle.server.jobview.JobView.Discharge'];
export type SheetPreview = S['app.brasskettle.server.jobview.SheetPreview'];
export type TestPreview = S['app.brasskettle.server.bench.TestPreview'];
export type TimedReading = S['app.brasskettle.core.insulation.TimedReading'];
export type InsulationResult = S['app.brasskettle.core.insulation.InsulationResult'];
export type SurgeSet = S['app.brasskettle.core.surge.SurgeSet'];
export type Station = S['app.brasskettle.core.jobs.JobAssessment.StationAssessment'];
export type Surge = S['app.brasskettle.server.jobview.JobView.Surge'];
export type Ranking = S['app.brasskettle.core.cause.FailureRanking'];
export type Ranked = S['app.brasskettle.core.cause.FailureRanking.Ranked'];
export type EvidencePiece = S['app.brasskettle.core.jobs.JobAssessment.Piece'];
export type Vocabulary = S['app.brasskettle.server.cause.CauseController.Vocabulary'];
export type WindingAssessment = S['app.brasskettle.core.windingtake.WindingAssessment'];
export type ConnectionAssessment = S['app.brasskettle.core.connection.ConnectionAssessment'];
export type RedesignAssessment = S['app.brasskettle.core.redesign.RedesignAssessment'];
export type DesignedWinding = S['app.brasskettle.core.redesign.DesignedWinding'];
export type WireOffer = S['app.brasskettle.core.redesign.WireOffer'];
export type WireCandidate = S['app.brasskettle.core.redesign.WireOffer.Candidate'];
export type CoilTicket = S['app.brasskettle.core.redesign.CoilTicket'];
export type RackView = S['app.brasskettle.server.rack.RackController.View'];
export type RackLot = S['app.brasskettle.server.rack.RackStore.Lot'];
export type BankMatch = S['app.brasskettle.core.bank.BankMatch'];
export type BankOpinion = S['app.brasskettle.core.bank.BankOpinion'];
export type BankFound = S['app.brasskettle.server.bank.BankController.Found'];
export type BankImport = S['app.brasskettle.server.bank.BankController.Import'];
export type RatingEstimate = S['app.brasskettle.core.design.RatingEstimate'];
export type CoilSetAssessment = S['app.brasskettle.core.coilset.CoilSetAssessment'];
export type CoilSetResult = S['app.brasskettle.core.coilset.CoilSetResult'];
export type ConnectionDrill = S['app.brasskettle.server.winding.DrillController.Drill'];
export type DrillTold = S['app.brasskettle.server.winding.DrillController.Told'];
export type QuoteView = S['app.brasskettle.server.quotes.QuoteView'];
export type QuoteAddress = S['app.brasskettle.server.quotes.QuoteController.Address'];
export type QuoteMailed = S['app.brasskettle.server.quotes.QuoteMail.Mailed'];
export type CustomerQuote = S['app.brasskettle.server.quotes.CustomerQuoteController.View'];
export type PriceLists = S['app.brasskettle.server.pricing.PriceListController.View'];
export type ChoiceReading = S['app.brasskettle.core.choice.ChoiceAssessment'];
export type TestKind = S['app.brasskettle.server.worksheets.TestKindController.TestKindView'];
export type SheetForm = S['app.brasskettle.core.catalogue.SheetForm'];
export type FormField = S['app.brasskettle.core.catalogue.SheetForm.Field'];
export type TypedAnswer = S['app.brasskettle.server.worksheets.WorksheetController.TypedAnswer'];
export type NameplateReading = S['app.brasskettle.core.nameplate.NameplateAssessment'];
export type FaultWords = S['app.brasskettle.server.instruments.ReadingController.FaultWords'];
export type Bridge = S['app.brasskettle.server.instruments.ReadingController.Bridge'];

export type ShopInstrument = S['app.brasskettle.server.calibration.ShopInstrument'];
export type EarlierTest = S['app.brasskettle.server.bench.TestBook.EarlierJudged'];
export type TriageRow = S['app.brasskettle.server.triage.TriageRow'];
export type TriageAnswered = S['app.brasskettle.server.triage.TriageController.Answered'];

export type Account = S['app.brasskettle.server.access.PeopleController.Account'];
export type Token = S['app.brasskettle.server.access.TokenStore.Token'];
export type FactorState = S['app.brasskettle.server.access.SecondFactorController.State'];
export type BegunFactor = S['app.brasskettle.server.access.SecondFactorController.Begun'];
export type SecurityEvent = S['app.brasskettle.server.audit.SecurityEvents.Event'];
export type MadeToken = S['app.brasskettle.server.access.OwnAccountController.MadeToken'];

/** What somebody types: figures as texts, in the shape of the record they fill. */
export type Typed = { [field: string]: unknown };

export type ArrivalReading = S['app.brasskettle.core.jobs.ArrivalAssessment'];
export type PlateReading = S['app.brasskettle.core.nameplate.PlateAssessment'];
export type PlateEstimate = S['app.brasskettle.core.nameplate.PlateEstimate'];
export type BlockReading = S['app.brasskettle.core.nameplate.RatingBlockAssessment'];
export type Customer = S['app.brasskettle.server.customers.Customer'];
export type Contact = S['app.brasskettle.server.customers.Customer.Contact'];
export type Passport = S['app.brasskettle.server.passport.PassportController.Passport'];
export type MotorPoint = S['app.brasskettle.core.passport.MotorHistory.Point'];
export type Photo = S['app.brasskettle.server.photos.Photo'];
export type SettingsView = S['app.brasskettle.server.settings.SettingsController.View'];
export type ShopSettings = S['app.brasskettle.server.settings.ShopSettings'];
export type SettingsEntry = S['app.brasskettle.server.settings.SettingsStore.Entry'];
export type JournalEntry = S['app.brasskettle.server.journal.JournalStore.Entry'];

/** A place in a sheet that two people changed, each to something else. */
export interface Clash {
  field: string;
  before: unknown;
  theirs: unknown;
  mine: unknown;
}
export type Preferences = S['app.brasskettle.server.access.Preferences'];

export type TeardownVocabulary = S['app.brasskettle.server.teardown.TeardownController.Vocabulary'];
export type UsualPart = S['app.brasskettle.core.teardown.UsualPart'];
export type LogReading = S['app.brasskettle.core.teardown.TeardownLogAssessment'];
export type FittingStep = S['app.brasskettle.core.teardown.TeardownLogAssessment.FittingStep'];
export type Joint = S['app.brasskettle.core.teardown.TeardownLogAssessment.Joint'];
export type LeadMapReading = S['app.brasskettle.core.leads.LeadMapAssessment'];
export type Terminal = S['app.brasskettle.core.leads.LeadMapAssessment.Terminal'];
export type FindingCondition = S['app.brasskettle.core.findings.Condition'];
export type Concluded = S['app.brasskettle.server.jobview.JobView.Concluded'];
export type LearntPriors = S['app.brasskettle.server.cause.CauseController.Priors'];
export type TaskHours = S['app.brasskettle.core.tasktime.TaskHours'];

export type PlanView = S['app.brasskettle.server.planning.PlanView'];
export type ShownPlan = S['app.brasskettle.server.planning.PlanView.Shown'];
export type PlanItem = S['app.brasskettle.server.planning.PlanView.Item'];
export type PlanMotor = S['app.brasskettle.server.planning.PlanView.Motor'];
export type PlanSearch = S['app.brasskettle.server.planning.SearchStore.Search'];
export type PlanDrifted = S['app.brasskettle.server.planning.PlanBook.Drifted'];
export type PromiseDates = S['app.brasskettle.server.planning.PlanMaking.PromiseView'];
export type RosterView = S['app.brasskettle.server.roster.RosterController.View'];
export type Roster = S['app.brasskettle.server.roster.Roster'];
export type Feed = S['app.brasskettle.server.calendars.FeedStore.Feed'];
export type MadeFeed = S['app.brasskettle.server.calendars.FeedController.Made'];

export type PracticeOverview = S['app.brasskettle.server.practice.PracticeController.Overview'];
export type PracticeSet = S['app.brasskettle.server.practice.PracticeStore.SetExercise'];
export type AttemptView = S['app.brasskettle.server.practice.PracticeBook.AttemptView'];
export type Debriefing = S['app.brasskettle.core.practice.Debriefing'];
export type DrillQuestion = S['app.brasskettle.core.practice.Drill.Question'];
export type DrillAnswer = S['app.brasskettle.core.practice.Drill.Told'];

export type ShopFigures = S['app.brasskettle.server.figures.FiguresBook.View'];
export type FigureTable = S['app.brasskettle.core.figures.FigureTable'];
