using Kamuri.Core.Heads;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Composing.Rules;

/// <summary>R49 warn: somebody asked for minutes that a treatment cannot have; it gets the nearest, and says so.</summary>
public sealed class AskedMinutesFit : IRule
{
    public string Id => "R49";

    public bool IsMendedUnasked => false;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var (request, figures) = (context.Request, context.Figures);
        if (context.Walk.All(walked => walked.Step.Minutes is null))
        {
            yield break;
        }

        var tangle = Tangle.Of(request.Head, request.Today, figures.HandsOn);
        var timings = Timings.Of(
            request,
            context.Walk,
            HeadSize.Of(request.Head, figures.Head),
            request.Sections ?? Sectioning.CountFor(request.Head, tangle, figures.HandsOn),
            figures
        );
        foreach (var timing in timings)
        {
            var step = timing.Step.Step;
            if (timing.Wait is { Asked: { } asked, Chosen: { } gets, Window: { } window } && Math.Abs(asked - gets) >= 1)
            {
                var of = context.Walk.First(walked => walked.Step.Id == timing.Wait.Of).Step;
                yield return new Finding(
                    Id,
                    Severity.Warn,
                    RuleWords.YouAskedForAskedMinutesOf(
                        $"{asked:0}",
                        of.Kind.Noun,
                        $"{window.Earliest:0}",
                        $"{window.Latest:0}",
                        $"{gets:0}"
                    ),
                    [step.Id],
                    new Fix($"Make it {gets:0} minutes", [new SetMinutes(step.Minutes is null ? of.Id : step.Id, gets)])
                );
            }
        }
    }
}
