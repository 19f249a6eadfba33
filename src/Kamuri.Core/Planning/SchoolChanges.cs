using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;

namespace Kamuri.Core.Planning;

/// <summary>One question answered otherwise than the head usually does.</summary>
/// <param name="Question">Its id.</param>
/// <param name="Ask">The question in a few words.</param>
/// <param name="From">The head's own side.</param>
/// <param name="To">The side taken today.</param>
/// <param name="Reason">Why people do it this way.</param>
/// <param name="Price">What it costs.</param>
public sealed record SwitchedSchool(string Question, string Ask, string From, string To, string Reason, string Price);

/// <summary>What the schools of one day change against the head's own.</summary>
public sealed record SchoolChanges(IReadOnlyList<SwitchedSchool> Switched, PlanDifference Difference)
{
    /// <summary>Plans the day twice, with the head's own schools and with the day's, and compares.</summary>
    /// <exception cref="UnplaceableException">The household lacks something every plan needs.</exception>
    public static SchoolChanges Of(Planner planner, PlanRequest request, CraftFigures figures)
    {
        var (own, today) = (request.Head.Schools, request.SchoolsInUse);
        var switched = SchoolCatalogue
            .Questions.Where(question => question.Taken(own) != question.Taken(today))
            .Select(question => new SwitchedSchool(
                question.Id,
                question.Ask,
                question.Answer(own).Word,
                question.Answer(today).Word,
                question.Answer(today).Reason,
                question.Answer(today).Price
            ))
            .ToList();
        var before = planner.Make(request with { Schools = null }, figures);
        return new SchoolChanges(switched, PlanDifference.Between(before, switched.Count == 0 ? before : planner.Make(request, figures)));
    }
}
