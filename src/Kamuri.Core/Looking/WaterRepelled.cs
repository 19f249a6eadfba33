using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Looking;

/// <summary>One answer that can be given.</summary>
/// <param name="Value">Its name.</param>
/// <param name="Word">In plain words.</param>
public sealed record Answer(string Value, string Word);

/// <summary>A question of an ordered inquiry.</summary>
/// <param name="Id">Its name.</param>
/// <param name="Ask">The question.</param>
/// <param name="How">How to find out, in a sentence.</param>
/// <param name="Answers">What can be answered.</param>
/// <param name="OnRecord">The answer the record suggests; null when it knows nothing.</param>
/// <param name="Evidence">What the record says, in a sentence; empty when it knows nothing.</param>
public sealed record Question(
    string Id,
    string Ask,
    string How,
    IReadOnlyList<Answer> Answers,
    string? OnRecord = null,
    string Evidence = ""
);

/// <summary>What the answers make of the next wash day.</summary>
/// <param name="Finding">What it most likely is, in a sentence.</param>
/// <param name="Aim">What the day is for.</param>
/// <param name="TreatmentHeat">What warms treatments; null leaves it to the school.</param>
/// <param name="Layering">The order of layers.</param>
/// <param name="Schools">The sides taken.</param>
/// <param name="Edits">Changes to the composed day.</param>
/// <param name="Changes">What changes and why, a sentence each.</param>
public sealed record WaterPlan(
    string Finding,
    Aim Aim,
    Heat? TreatmentHeat,
    Layering Layering,
    Schools Schools,
    IReadOnlyList<PlanEdit> Edits,
    IReadOnlyList<string> Changes
);

/// <summary>An inquiry at one point: the question to ask next, or the plan it leads to.</summary>
/// <param name="Next">The next question; null at the end.</param>
/// <param name="Plan">The plan; null before the end.</param>
/// <param name="OutOf">How many questions there are at most.</param>
public sealed record WaterInquiry(Question? Next, WaterPlan? Plan, int OutOf);

/// <summary>What the inquiry may look at.</summary>
public sealed record WaterCase(Head Head, History History, Equipment Equipment, DateOnly Today, RhythmFigures Figures);

/// <summary>
/// Hair that repels water: asks in order for build-up, chemical history, low porosity and technique, because each hides
/// the next. Build-up ends the inquiry: what lies under it can only be judged on clean hair.
/// </summary>
public static class WaterRepelled
{
    public const string Clarified = "clarified";
    public const string Layers = "layers";
    public const string Chemical = "chemical";
    public const string Beads = "beads";
    public const string Technique = "technique";

    private static readonly string[] Order = [Clarified, Layers, Chemical, Beads, Technique];

    /// <summary>The next question after these answers, or the plan they lead to. Answers that are not known are asked for again.</summary>
    public static WaterInquiry Ask(WaterCase about, IReadOnlyDictionary<string, string> answers)
    {
        foreach (var id in Order)
        {
            var question = Build(id, about);
            var given = answers.GetValueOrDefault(id);
            if (question.Answers.All(answer => answer.Value != given))
            {
                return new WaterInquiry(question, null, Order.Length);
            }

            if (id == Layers && HasBuildUp(answers))
            {
                return new WaterInquiry(null, BuildUp(about), Order.Length);
            }
        }

        return new WaterInquiry(null, Otherwise(about, answers), Order.Length);
    }

    private static bool HasBuildUp(IReadOnlyDictionary<string, string> answers) =>
        answers[Layers] == "heavy" || (answers[Clarified] is "long" or "unknown" && answers[Layers] != "light");

    private static Question Build(string id, WaterCase about) =>
        id switch
        {
            Clarified => WhenClarified(about),
            Layers => new Question(
                Layers,
                LookingWords.WhatStaysOnTheHairBetween,
                LookingWords.ReadTheFirstFiveNamesOn,
                [
                    new("heavy", LookingWords.ButtersWaxesOrSilicones),
                    new("middling", LookingWords.CreamsAndOils),
                    new("light", LookingWords.OnlyLightWateryProducts),
                ],
                about.Head.Schools.Butter ? "heavy" : null,
                about.Head.Schools.Butter ? LookingWords.YouPreferButterLastForThis : ""
            ),
            Chemical => AboutChemicals(about),
            Beads => new Question(
                Beads,
                LookingWords.SprayACleanProductFreeStrand,
                LookingWords.WaitAMinuteLookAtThe,
                [
                    new("stay", LookingWords.BeadsThatStay),
                    new("slowly", LookingWords.SoaksInSlowly),
                    new("atOnce", LookingWords.SoaksInWithinSeconds),
                ],
                about.Head.Porosity switch
                {
                    Porosity.Low => "stay",
                    Porosity.High => "atOnce",
                    _ => "slowly",
                },
                about.Head.PorosityEvidence is PorosityEvidence.Guess or PorosityEvidence.StrandInWater
                    ? LookingWords.PorosityOnWeakEvidence(HeadNames.Of(about.Head.Porosity))
                    : LookingWords.PorosityOnGoodEvidence(HeadNames.Of(about.Head.Porosity))
            ),
            _ => new Question(
                Technique,
                LookingWords.HowDoYouApplyTheProduct,
                LookingWords.ThinkOfTheLastWashDay,
                [
                    new("muchAtOnce", LookingWords.ALotAtOnce),
                    new("onDry", LookingWords.OnHairThatIsNearlyDry),
                    new("neither", LookingWords.ALittleOnDampHairSection),
                ]
            ),
        };

    private static Question WhenClarified(WaterCase about)
    {
        var days = about.History.DaysSince(Treatment.Clarify, about.Today);
        var interval = about.Figures.Treatments[Treatment.Clarify];
        var known =
            days is not { } since ? null
            : since <= interval.Usual ? "recent"
            : since <= interval.Latest ? "while"
            : "long";
        return new Question(
            Clarified,
            LookingWords.WhenWasTheHairLastClarified,
            LookingWords.WaterCannotGetThroughBuildUp,
            [
                new("recent", LookingWords.WithinUsualDays($"{interval.Usual}")),
                new("while", LookingWords.UsualToLatestDaysAgo($"{interval.Usual}", $"{interval.Latest}")),
                new("long", LookingWords.LongerAgoOrNever),
                new("unknown", LookingWords.NobodyKnows),
            ],
            known,
            days is { } ago ? LookingWords.OnRecordAgoDaysAgo($"{ago}") : LookingWords.NothingOnRecord
        );
    }

    private static Question AboutChemicals(WaterCase about)
    {
        var last = about.Head.ChemicalHistory.OrderByDescending(chemical => chemical.Date).FirstOrDefault();
        return new Question(
            Chemical,
            LookingWords.HasTheHairBeenColouredRelaxed,
            LookingWords.TreatedLengthsAbsorbWaterUnevenly,
            [new("yes", "Yes"), new("no", "No")],
            last is null ? "no" : "yes",
            last is null
                ? LookingWords.NothingOnRecord
                : LookingWords.LastChemical(HeadNames.Of(last.Kind), Say.Count(about.Today.DayNumber - last.Date.DayNumber, "day", "days"))
        );
    }

    /// <summary>Whatever the school, a head that must not sit under heat gets a cap.</summary>
    private static Heat? WithoutHeat(WaterCase about) => about.Head.MayHaveHeat ? null : Heat.Cap;

    private static WaterPlan BuildUp(WaterCase about)
    {
        var isKept = (about.Head.Wear.Kind & HairKinds.Kept) != 0;
        return new WaterPlan(
            LookingWords.MostLikelyBuildUpRemoveIt,
            Aim.Reset,
            WithoutHeat(about),
            Layering.LoLight,
            about.Head.Schools with
            {
                Butter = false,
                ScalpConditioner = ScalpConditioner.Never,
            },
            [],
            [
                isKept ? LookingWords.AResetSoakAndCleanseThe : LookingWords.AResetClarifyFirstThenA,
                LookingWords.LightLayersAndNoButterUntil,
                LookingWords.LookAgainOnCleanHairAt,
            ]
        );
    }

    private static WaterPlan Otherwise(WaterCase about, IReadOnlyDictionary<string, string> answers)
    {
        var isKept = (about.Head.Wear.Kind & HairKinds.Kept) != 0;
        var isLow = answers[Beads] == "stay";
        var technique = answers[Technique];
        var changes = new List<string>();
        var schools = about.Head.Schools;
        List<PlanEdit> edits = [];
        var heat = WithoutHeat(about);
        if (answers[Chemical] == "yes")
        {
            changes.Add(LookingWords.TreatedLengthsDeepConditionAtEvery);
        }

        if (isLow && !isKept)
        {
            heat =
                !about.Head.MayHaveHeat ? Heat.Cap
                : about.Equipment.Steamers > 0 ? Heat.Steamer
                : about.Equipment.Hoods > 0 ? Heat.Hood
                : Heat.Cap;
            schools = schools with
            {
                Butter = false,
                Length = TreatmentLength.Window,
                Protein = ProteinPlace.AfterCleanse,
                FinalWater = FinalWater.Cool,
            };
            edits = [new AddStep(StepIds.PlantGel, StepIds.PrePoo), new DropStep(StepIds.PrePoo)];
            changes.Add(
                heat switch
                {
                    Heat.Steamer => LookingWords.TreatInTheSteamer,
                    Heat.Hood => LookingWords.TreatUnderTheHood,
                    _ => LookingWords.TreatUnderACap,
                }
            );
            changes.Add(LookingWords.PlantGelInsteadOfOilBefore);
            changes.Add(LookingWords.WarmLiquidsFirstAndACool);
        }

        if (isLow || technique == "muchAtOnce")
        {
            changes.Add(LookingWords.LightLayersNoMoreThanThe);
        }

        if (technique == "onDry" && !isKept)
        {
            schools = schools with { ConditionOn = ConditionOn.Wrung };
            changes.Add(LookingWords.ConditionerOnWrungOutHairAnd);
        }

        var finding =
            isLow ? LookingWords.MostLikelyLowPorosityTheHair
            : technique != "neither" ? LookingWords.MostLikelyTheWayTheProduct
            : answers[Chemical] == "yes" ? LookingWords.TreatedHairAbsorbsWaterUnevenly
            : LookingWords.NothingStandsOutTryAMoisture;
        return new WaterPlan(
            finding,
            Aim.Moisture,
            heat,
            isLow || technique == "muchAtOnce" ? Layering.LoLight : about.Head.Layering,
            schools,
            edits,
            changes.Count > 0 ? changes : [LookingWords.AMoistureDayAsUsualFor]
        );
    }
}
