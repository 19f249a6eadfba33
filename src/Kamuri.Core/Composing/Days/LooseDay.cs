using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Days;

/// <summary>A wash day of loose hair, and of hair that has just come down from a style.</summary>
internal static class LooseDay
{
    public static void Compose(DayBuilder day)
    {
        var due = DueToday.For(day);
        Loosen(day, due);
        Clean(day, due);
        Feed(day, due);
        Close(day);
        Layer(day);
        Finish(day);
    }

    private static bool IsRecovery(DayBuilder day) => day.Request.Kind == HairKinds.TakenDown || day.Request.Aim == Aim.Recovery;

    private static void Loosen(DayBuilder day, DueToday due)
    {
        var (request, schools) = (day.Request, day.Schools);
        day.Take(
            StepIds.Look,
            request.Kind == HairKinds.TakenDown
                ? "Look where the style pulled, then part; keep the sections twisted."
                : "Everything after this goes section by section."
        );
        if (request.Kind == HairKinds.TakenDown)
        {
            day.Take(StepIds.ClearLint, "Lint and shed hair at the roots mat the moment water touches them.");
        }

        if (schools.Protein == ProteinPlace.PrePoo && WantsProtein(day, due))
        {
            day.Take(StepIds.ProteinPrePoo, "Protein on dry hair before the cleanse, moisture behind it: the school of this head.");
            day.Take(StepIds.Rinse, "Protein must not stay on past its window.");
            return;
        }

        if (request.Aim == Aim.ScalpComfort)
        {
            day.Take(StepIds.ScalpMassage, "Loosens flakes and eases the scalp before anything goes on it.");
        }

        switch (request.Aim)
        {
            case Aim.OilFree:
                day.Take(StepIds.HerbJuice, "The oil-free month: juice instead of an oiled pre-poo.");
                day.Take(StepIds.Rinse, "Juice comes off before the cleanse.");
                return;
            case Aim.ScalpComfort when schools.ScalpOil == ScalpOiling.HeavyWashedOut:
                Oil(
                    day,
                    schools.Length == TreatmentLength.Overnight ? StepIds.HeavyOilOvernight : StepIds.HeavyOil,
                    "Heavy oil as a treatment, washed out again."
                );
                return;
            case Aim.ScalpComfort when schools.ScalpOil == ScalpOiling.Penetrating && schools.HotOil == HotOilPlace.Before:
                Oil(day, StepIds.HotOil, "Warm oil softens what sits on the scalp.");
                return;
        }

        if (request.Aim is Aim.Moisture or Aim.Strength or Aim.LengthKeeping or Aim.BeforeStyle || IsRecovery(day))
        {
            var overnight = schools.Length == TreatmentLength.Overnight && due.HotOil is null;
            day.Take(
                due.HotOil is not null ? StepIds.HotOil
                    : overnight ? StepIds.PrePooOvernight
                    : StepIds.PrePoo,
                due.HotOil
                    ?? (
                        IsRecovery(day)
                            ? "A generous pre-poo: weeks of shed hair have to glide out."
                            : "A shield before the cleanse, and slip to undo the knots in."
                    )
            );
            if (schools.Detangle == DetangleIn.PrePoo)
            {
                day.Take(StepIds.ToolDetangle, "Combed in the pre-poo: the school of this head.");
            }
            else
            {
                day.Take(StepIds.FingerDetangle, "Knots open most easily in the pre-poo, before water tightens them.");
            }

            if (!overnight)
            {
                day.Cover("Warmth lets the pre-poo work.");
            }

            day.Take(StepIds.Rinse, "The pre-poo comes off before the cleanse.");
        }
        else if (request.Aim == Aim.Definition)
        {
            day.Take(StepIds.PlantGel, "Plant gel defines from inside the strand outwards.");
            day.Cover("Warmth lets the gel work.");
            day.Take(StepIds.Rinse, "Plant gel is rinsed before the cleanse.");
        }
    }

    private static void Oil(DayBuilder day, string kind, string reason)
    {
        day.Take(kind, reason);
        if (!StepCatalogue.Get(kind).IsOvernight)
        {
            day.Cover("Warmth lets the oil work.");
        }

        if (kind == StepIds.HotOil)
        {
            day.Take(StepIds.Rinse, "The oil comes off before the cleanse.");
        }
        else if (day.Schools.Lifting == OilLifting.TeaThenTwoPasses)
        {
            day.Take(StepIds.WetThrough, "Oil has to be wet before it can be lifted.");
            day.Take(StepIds.TeaRinse, "Tea five minutes before the shampoo lifts heavy oil.");
        }
    }

    private static void Clean(DayBuilder day, DueToday due)
    {
        var (request, schools) = (day.Request, day.Schools);
        if (schools.EndsFirst)
        {
            day.Take(StepIds.EndShield, "Ends are shielded while the scalp is cleansed: the school of this head.");
        }

        var heavy = day.Steps.Any(step => step.Kind.Puts is { } puts && Substances.Of(puts).IsHeavyOil);
        if (request.Aim == Aim.Reset || due.Clarify is not null || (heavy && schools.Lifting == OilLifting.Clarify))
        {
            day.Take(
                StepIds.Clarify,
                due.Clarify ?? (heavy ? "Clarifying takes heavy oil in one pass." : "A reset takes off what has built up.")
            );
        }
        else if (schools.ScalpConditioner == ScalpConditioner.CoWash && !heavy)
        {
            day.Take(StepIds.CoWash, "Cleansing conditioner on the scalp, rinsed long: the school of this head.");
        }
        else
        {
            day.Take(
                StepIds.Cleanse,
                request.Aim == Aim.Quick
                    ? "One pass on the scalp is enough for a quick day."
                    : "A clean scalp, and hair that can take something up."
            );
            if (IsRecovery(day) || (heavy && schools.Lifting == OilLifting.TwoPasses))
            {
                day.Take(StepIds.Cleanse, heavy ? "Heavy oil takes a second pass." : "After weeks in a style the first pass only loosens.");
            }
        }

        day.Take(StepIds.Rinse, "All of the cleanser has to come off.");
        if (request.UsesTea && day.Steps.All(step => step.Kind.Id != StepIds.TeaRinse))
        {
            day.Take(StepIds.TeaRinse, "Lifts what the cleanse left behind and calms the scalp.");
        }
    }

    private static void Feed(DayBuilder day, DueToday due)
    {
        var (request, schools) = (day.Request, day.Schools);
        var protein = WantsProtein(day, due);
        if (protein && schools.Protein == ProteinPlace.AfterCleanse)
        {
            day.Take(
                StepIds.Protein,
                due.Protein
                    ?? (
                        request.Stretch == StretchCheck.NeedsProtein
                            ? "The wet strand stretched far: light protein fills gaps along it."
                            : "Strength was asked for: light protein fills gaps along the strand."
                    )
            );
            day.Take(StepIds.Rinse, "Protein must not stay on past its window.");
        }

        // Where a day has no pre-poo to comb in, as in the oil-free month, the conditioner gives the slip instead.
        var comb = schools.Detangle switch
        {
            DetangleIn.Conditioner => day.Steps.All(step => !step.Kind.IsToolDetangle),
            DetangleIn.PrePoo => day.Steps.All(step => !step.Kind.Detangles),
            _ => false,
        };
        if (request.Aim == Aim.Quick)
        {
            day.Take(StepIds.Conditioner, "Every cleanse is followed by a conditioner.");
            Comb(day, comb, Slip(schools, "Conditioner"));
            return;
        }

        if (schools.HotOil == HotOilPlace.After && request.Aim is Aim.ScalpComfort or Aim.LengthKeeping)
        {
            day.Take(StepIds.HotOilAfter, "Hot oil on clean, damp hair: the school of this head.");
            day.Take(StepIds.Rinse, "Only a trace of it stays.");
        }

        if (schools.ConditionOn == ConditionOn.Dry)
        {
            day.Take(
                StepIds.Blot,
                "The treatment goes on hair that is not full of water: the school of this head, at the price of more of it."
            );
        }

        var mixed = protein && schools.Protein == ProteinPlace.InDeepCondition;
        day.Take(
            mixed ? StepIds.ProteinDeepCondition : StepIds.DeepCondition,
            mixed
                ? "Protein mixed into the deep condition: the school of this head."
                : request.Aim switch
                {
                    Aim.Strength => "Moisture behind protein keeps the hair supple.",
                    _ when due.Clarify is not null || request.Aim == Aim.Reset =>
                        "Clarifying strips the hair bare; a long deep condition gives back what it took.",
                    Aim.OilFree => "Juice and cleanse leave the hair bare; moisture goes back in without oil.",
                    _ => "This is where the moisture goes in.",
                },
            step => schools.ConditionOn == ConditionOn.Dry ? step with { AmountFactor = day.DryHairTakes } : step
        );
        Comb(day, comb, Slip(schools, "Deep conditioner"));
        day.Cover("Warmth carries the deep condition in.");
    }

    private static string Slip(Schools schools, string what) =>
        schools.Detangle == DetangleIn.PrePoo
            ? $"There is no pre-poo to comb in today. {what} gives the comb its slip instead."
            : $"{what} gives the comb its slip.";

    private static void Comb(DayBuilder day, bool comb, string reason)
    {
        if (comb)
        {
            day.Take(StepIds.ToolDetangle, reason);
        }
        else if (day.Schools.Detangle == DetangleIn.FingersOnly && day.Steps.All(step => !step.Kind.Detangles))
        {
            day.Take(StepIds.FingerDetangle, "Fingers only: the school of this head.");
        }
    }

    /// <summary>The stretch check decides before the aim does, and says so when it leaves something out.</summary>
    private static bool WantsProtein(DayBuilder day, DueToday due)
    {
        var asked = day.Request.Aim == Aim.Strength || day.Request.Kind == HairKinds.TakenDown && day.Request.Aim == Aim.Recovery;
        switch (day.Request.Stretch)
        {
            case StretchCheck.NeedsMoisture when asked:
                day.Leave("Light protein", "The wet strand snapped at once: it needs moisture, and protein would make it worse.");
                return false;
            case StretchCheck.NeedsProtein when !asked && day.Request.Aim is Aim.Moisture or Aim.LengthKeeping or Aim.Recovery:
                return true;
            default:
                return asked || due.Protein is not null;
        }
    }

    private static void Close(DayBuilder day)
    {
        day.CloseRinse(
            day.Schools.FinalWater == FinalWater.Cool
                ? "Rinses clean and lets the cuticle lie flat."
                : "Lukewarm to the end: the school of this head."
        );
        day.Take(StepIds.Blot, "Leave-in spreads on damp hair and would drip off wet hair.");
    }

    private static void Layer(DayBuilder day)
    {
        var request = day.Request;
        day.Take(StepIds.LeaveIn, "Water first, held by a leave-in.");
        if (day.Schools.Detangle == DetangleIn.LeaveIn)
        {
            day.Take(StepIds.ToolDetangle, "Combed in the leave-in: the school of this head.");
        }

        if (request.Style == EndStyle.WashAndGo || request.Aim == Aim.Definition)
        {
            day.Take(StepIds.Gel, "Holds the curls as they fall while they dry.");
            return;
        }

        if (request.Aim == Aim.OilFree)
        {
            day.Take(StepIds.Cream, "A cream closes without oil.");
            day.Leave("Oil", "This is the oil-free month.");
            return;
        }

        if (request.Aim is Aim.Quick or Aim.Reset || request.LayeringInUse == Layering.LoLight)
        {
            day.Take(StepIds.Oil, "A light seal; nothing heavy today.");
            return;
        }

        if (request.LayeringInUse == Layering.Lco)
        {
            day.Take(StepIds.Cream, "LCO: cream over the leave-in.");
            day.Take(StepIds.Oil, "LCO: the oil seals last.");
        }
        else
        {
            day.Take(StepIds.Oil, "LOC: oil over the leave-in.");
            day.Take(StepIds.Cream, "LOC: cream closes.");
        }

        if (day.Schools.Butter)
        {
            day.Take(StepIds.Butter, "Butter last, for long hold at the price of weight.");
        }
    }

    private static void Finish(DayBuilder day)
    {
        switch (day.Request.Style)
        {
            case EndStyle.Twists:
                day.Take(StepIds.Twists, "Twists were asked for, set while the hair is damp.");
                day.Dry(0.8, "Ready means dry to the touch: 80 %.");
                break;
            case EndStyle.TwistOut:
                day.Take(StepIds.Twists, "The pattern is set while the hair is damp.");
                day.Dry(0.95, "Twists taken down damp lose their pattern: 95 %.");
                day.Take(StepIds.TakeTwistsDown, "Worn as a twist-out.");
                break;
            case EndStyle.SingleTwists:
                day.Take(StepIds.SingleTwists, "Single twists were asked for.");
                day.Dry(0.95, "Many small twists hold water in their middle: 95 %.");
                break;
            case EndStyle.Braids:
                day.Take(StepIds.Braids, "Braids were asked for.");
                day.Dry(0.95, "Braids have to be dry to the core the same day.");
                break;
            case EndStyle.WashAndGo:
                day.Take(StepIds.WashAndGo, "Worn as it falls.");
                day.Dry(0.8, "Ready means dry to the touch: 80 %.");
                break;
            case EndStyle.Bun:
                day.Dry(0.8, "A bun holds water for a day; it is dried loose first.");
                day.Take(StepIds.Bun, "Worn in a bun.");
                break;
            default:
                if (day.Request.Style == EndStyle.Retwist)
                {
                    day.Leave("Retwist", "There are no locs to retwist; the hair dries as it is.");
                }

                day.Dry(0.8, "Ready means dry to the touch: 80 %.");
                break;
        }

        day.Night();
    }
}
