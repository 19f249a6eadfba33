using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Days;

/// <summary>A day between two washes: a refresh of the style that is in, or a patch test ahead of something new.</summary>
internal static class BetweenDay
{
    public static void Compose(DayBuilder day)
    {
        if (day.Request.Aim == Aim.PatchTest)
        {
            day.Take(StepIds.PatchTest, DayWords.SomethingNewIsTriedOnA);
            day.Leave("Detangling", DayWords.APatchTestTouchesOnlyA);
            return;
        }

        Refresh(day);
    }

    private static void Refresh(DayBuilder day)
    {
        var request = day.Request;
        var isKept = (request.Kind & HairKinds.Kept) != 0;
        day.Take(StepIds.Refresh, isKept ? DayWords.ALightMistAlongTheParts : DayWords.ALightMistRevivesTheLeave);
        if (request.Kind == HairKinds.Style)
        {
            day.Take(StepIds.Look, DayWords.SoreEdgesOrBumpsAlongThe);
        }

        if (isKept && day.Schools.ScalpOil != ScalpOiling.None)
        {
            day.Take(StepIds.ScalpOil, DayWords.AFewDropsOfLightOil);
        }
        else if (!isKept)
        {
            day.Leave("Detangling", DayWords.ARefreshLeavesTheStyleAs);
            day.Take(StepIds.Edges, DayWords.EdgesAreSmoothedAgainWhileThey);
        }

        if (request.Style is not EndStyle.AsItIs)
        {
            day.Leave(Planning.PlanSentences.Of(request.Style), DayWords.ARefreshKeepsTheStyleThat);
        }

        day.Dry(isKept ? 0.95 : 0.8, isKept ? DayWords.AMistIsLittleWaterBut : DayWords.ReadyMeansDryToTheTouch);
        day.Night();
    }
}
