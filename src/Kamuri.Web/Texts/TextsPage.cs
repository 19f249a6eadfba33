using Kamuri.Core.Cautions;
using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Heads.Portrait;
using Kamuri.Core.Planning;
using Kamuri.Core.Routines;
using Kamuri.Core.Steps;
using Kamuri.Store;

namespace Kamuri.Web.Texts;

/// <summary>All texts of the server on one page, to be read from top to bottom: catalogues first, then what data is called.</summary>
internal static class TextsPage
{
    public static void Print(TextWriter into)
    {
        var assemblies = new[] { typeof(Say).Assembly, typeof(KamuriDb).Assembly, typeof(TextsPage).Assembly };
        foreach (var area in assemblies.SelectMany(Catalogues.Of).GroupBy(text => text.Area))
        {
            Heading(into, area.Key);
            foreach (var text in area)
            {
                Line(into, text.Id, text.Template);
            }
        }

        Heading(into, "steps");
        foreach (var step in StepCatalogue.All)
        {
            Line(into, step.Id, $"{step.Name} ({step.Noun}): {step.Instruction}");
        }

        Heading(into, "cautions");
        foreach (var id in CautionList.Ids)
        {
            Line(into, id, CautionList.Text(id));
        }

        Heading(into, "aims");
        foreach (var aim in AimCatalogue.All)
        {
            Line(into, $"{aim.Aim}", $"{PlanSentences.Of(aim.Aim)}: {aim.Hint}");
        }

        Heading(into, "routines");
        foreach (var (part, entries) in RoutineCatalogue.Shared)
        {
            Reasons(into, part, entries);
        }

        foreach (var routine in RoutineCatalogue.All)
        {
            Line(into, routine.Id, $"{routine.Says}: {routine.Hint}");
            Reasons(
                into,
                routine.Id,
                [
                    .. routine.Steps,
                    .. routine.Parts.Where(part => !RoutineCatalogue.Shared.ContainsKey(part.Key)).SelectMany(part => part.Value),
                ]
            );
        }

        Heading(into, "schools");
        foreach (var question in SchoolCatalogue.Questions)
        {
            Line(into, question.Id, question.Ask);
            foreach (var answer in question.Answers)
            {
                Line(
                    into,
                    $"{question.Id}.{answer.Value}",
                    $"{answer.Word}: {answer.Reason} Downside: {answer.Price} {SchoolWords.Of(question.Id, answer.Value)}"
                );
            }
        }

        Heading(into, "craft figures");
        foreach (var figure in FigureCatalogue.All)
        {
            Line(into, figure.Id, figure.Name);
        }
    }

    private static void Heading(TextWriter into, string area) => into.WriteLine($"\n## {area}\n");

    /// <summary>Why each step of a routine is done, or left out.</summary>
    private static void Reasons(TextWriter into, string of, IReadOnlyList<RoutineEntry> entries)
    {
        foreach (var entry in entries)
        {
            switch (entry)
            {
                case TakeStep step:
                    Line(into, $"{of}.{step.Kind.Id}", step.Why);
                    break;
                case LeaveOut left:
                    Line(into, $"{of}.not", $"{left.What}: {left.Why}");
                    break;
                case TakeOneOf { Of: var choices }:
                    Reasons(into, of, choices);
                    break;
            }
        }
    }

    private static void Line(TextWriter into, string id, string text) => into.WriteLine($"- {id}: {text}");
}
