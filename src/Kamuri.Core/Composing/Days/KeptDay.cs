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
        day.Take(StepIds.Look, locs is null ? DayWords.LookAlongThePartsAndEdges : DayWords.LookAlongThePartsAndBetween);
        if (request.Aim == Aim.ScalpComfort)
        {
            day.Take(StepIds.ScalpMassage, DayWords.EasesTheScalpAndLoosensFlakes);
        }

        if (locs is not null && (request.Aim == Aim.Reset || due.Soak is not null))
        {
            day.Take(StepIds.LocSoak, due.Soak ?? DayWords.AResetOfLocsIsA);
        }

        if (locs?.Stage == LocStage.Starter)
        {
            day.Leave(DayWords.ScrubbingAndLongSoaking, DayWords.StarterLocsSlipApartBraidAnd);
        }

        if (day.Steps.All(step => step.Kind.Id != StepIds.LocSoak))
        {
            day.Take(StepIds.WetThrough, DayWords.WaterCarriesTheCleanserAlongThe);
        }

        day.Take(StepIds.PartCleanse, locs is null ? DayWords.CleanseOnlyTheScalpPressThe : DayWords.ALightCleanserLeavesNothingInside);
        if (request.Aim == Aim.Reset && locs is null)
        {
            day.Take(StepIds.PartCleanse, DayWords.BuildUpUnderAStyleTakes);
        }

        day.Take(StepIds.PressRinse, DayWords.WhatStaysInsideTheStyleDries);
        if (locs is null)
        {
            day.Take(StepIds.SprayConditioner, DayWords.FeedTheLengthInTheStyle);
        }
        else if (request.Aim == Aim.Moisture)
        {
            day.Take(StepIds.SprayConditioner, DayWords.OnceAMonthAtMostAnd);
            day.Take(StepIds.PressRinse, DayWords.RinsedLongSoThatNothingStays);
        }

        if (request.Aim is Aim.Strength or Aim.LengthKeeping)
        {
            day.Leave(DayWords.ProteinAndMasks, locs is null ? DayWords.TheyDoNotRinseCleanOut : DayWords.CreamyTreatmentsStayInsideLocs);
        }

        day.Take(StepIds.Blot, DayWords.SqueezedInATowelItDries);
        Finish(day, locs is not null);
    }

    private static void Finish(DayBuilder day, bool isLocs)
    {
        if (isLocs && day.Request.Style == EndStyle.Retwist)
        {
            day.Take(StepIds.Retwist, DayWords.YouAskedForARetwistIt);
        }
        else if (day.Request.Style is not (EndStyle.AsItIs or EndStyle.Retwist))
        {
            day.Leave(Planning.PlanSentences.Of(day.Request.Style), isLocs ? DayWords.LocsDryAsTheyHang : DayWords.TheStyleStaysInAndDries);
        }
        else if (day.Request.Style == EndStyle.Retwist)
        {
            day.Leave("A retwist", DayWords.ThereAreNoLocsToRetwist);
        }

        if (day.Schools.ScalpOil != ScalpOiling.None)
        {
            day.Take(StepIds.ScalpOil, DayWords.AFewDropsOfLightOil2);
        }

        day.Dry(0.95, isLocs ? DayWords.DampCoresTurnSourDryLocs : DayWords.DryToTheRootTheSame);
        day.Night();
    }
}
