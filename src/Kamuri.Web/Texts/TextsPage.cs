using Kamuri.Core.Cautions;
using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Heads.Portrait;
using Kamuri.Core.Planning;
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

    private static void Line(TextWriter into, string id, string text) => into.WriteLine($"- {id}: {text}");
}
