using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Days;

/// <summary>A wash day of locs, or of hair that stays in a protective style: scalp first, light, and dry the same day.</summary>
internal static class KeptDay
{
    public static void Compose(DayBuilder day)
    {
        var (request, locs) = (day.Request, day.Request.Head.Wear.Locs);
        var due = DueToday.For(day);
        day.Take(
            StepIds.Look,
            locs is null
                ? "Look along the parts and edges: soreness or bumps mean the style comes out."
                : "Look along the parts and between the locs."
        );
        if (request.Aim == Aim.ScalpComfort)
        {
            day.Take(StepIds.ScalpMassage, "Eases the scalp and loosens flakes before the water.");
        }

        if (locs is not null && (request.Aim == Aim.Reset || due.Soak is not null))
        {
            day.Take(StepIds.LocSoak, due.Soak ?? "A reset of locs is a soak: what sits inside them has to swim out.");
        }

        if (locs?.Stage == LocStage.Starter)
        {
            day.Leave("Scrubbing and soaking long", "Starter locs slip apart: braid and band them or wear a net, and keep it short.");
        }

        if (day.Steps.All(step => step.Kind.Id != StepIds.LocSoak))
        {
            day.Take(StepIds.WetThrough, "Water carries the cleanser along the parts.");
        }

        day.Take(
            StepIds.PartCleanse,
            locs is null ? "Only the scalp is cleansed; the lengths are pressed." : "A light cleanser leaves nothing inside the locs."
        );
        if (request.Aim == Aim.Reset && locs is null)
        {
            day.Take(StepIds.PartCleanse, "Build-up under a style takes a second pass.");
        }

        day.Take(StepIds.PressRinse, "What stays in the middle of it dries there.");
        if (locs is null)
        {
            day.Take(StepIds.SprayConditioner, "The length in the style is fed lightly; nothing that builds up.");
        }
        else if (request.Aim == Aim.Moisture)
        {
            day.Take(StepIds.SprayConditioner, "Once a month at most, and watery: locs keep what is put into them.");
            day.Take(StepIds.PressRinse, "Rinsed long, so that nothing stays inside.");
        }

        if (request.Aim is Aim.Strength or Aim.LengthKeeping)
        {
            day.Leave(
                "Protein and masks",
                locs is null ? "A style that is in cannot be rinsed clean of them." : "Creamy treatments stay inside locs."
            );
        }

        day.Take(StepIds.Blot, "Squeezed in a towel, it dries hours sooner.");
        Finish(day, locs is not null);
    }

    private static void Finish(DayBuilder day, bool isLocs)
    {
        if (isLocs && day.Request.Style == EndStyle.Retwist)
        {
            day.Take(StepIds.Retwist, "A retwist was asked for, while the roots are damp.");
        }
        else if (day.Request.Style is not (EndStyle.AsItIs or EndStyle.Retwist))
        {
            day.Leave(
                Planning.PlanWords.Of(day.Request.Style),
                isLocs ? "Locs stay locs; they dry as they hang." : "The style stays in; it dries as it hangs."
            );
        }
        else if (day.Request.Style == EndStyle.Retwist)
        {
            day.Leave("A retwist", "There are no locs to retwist.");
        }

        if (day.Schools.ScalpOil != ScalpOiling.None)
        {
            day.Take(StepIds.ScalpOil, "A few drops of light oil on the parts; what seals stays off the scalp.");
        }

        day.Dry(0.95, isLocs ? "Damp cores sour: locs dry fully the same day." : "Dry to the root the same day.");
        day.Night();
    }
}
