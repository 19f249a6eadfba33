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
            day.Take(StepIds.PatchTest, "Something new is tried on a small place a day before it goes on the head.");
            day.Leave("Detangling", "A patch test touches only a small place on the skin.");
            return;
        }

        Refresh(day);
    }

    private static void Refresh(DayBuilder day)
    {
        var request = day.Request;
        var isKept = (request.Kind & HairKinds.Kept) != 0;
        day.Take(
            StepIds.Refresh,
            isKept
                ? "A light mist along the parts and lengths carries the style to its wash day."
                : "A light mist wakes what the leave-in holds; combing would undo the style."
        );
        if (request.Kind == HairKinds.Style)
        {
            day.Take(StepIds.Look, "Edges sore, or bumps along the parts: then the style comes out early.");
        }

        if (isKept && day.Schools.ScalpOil != ScalpOiling.None)
        {
            day.Take(StepIds.ScalpOil, "A few drops of light oil on the parts.");
        }
        else if (!isKept)
        {
            day.Leave("Detangling", "A refresh leaves the hair as it is styled. Combing waits for the wash day.");
            day.Take(StepIds.Edges, "Edges are smoothed again while they are damp.");
        }

        if (request.Style is not EndStyle.AsItIs)
        {
            day.Leave(Planning.PlanWords.Of(request.Style), "A refresh keeps the style that is in.");
        }

        day.Dry(
            isKept ? 0.95 : 0.8,
            isKept
                ? "A mist is little water, but it dries slowly inside a style, and damp cores sour."
                : "Ready means dry to the touch: 80 %."
        );
        day.Night();
    }
}
