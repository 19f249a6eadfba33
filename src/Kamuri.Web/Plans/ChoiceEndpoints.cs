using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Planning;
using Kamuri.Core.Routines;
using Kamuri.Core.Steps;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.Plans;

/// <summary>Something a day can be for, and the kinds of hair it makes a day of its own for.</summary>
public sealed record AimView(Aim Value, string Word, string Hint, IReadOnlyList<HairKinds> Kinds);

/// <summary>A way the hair can be worn afterwards, and the kinds of hair it goes with.</summary>
public sealed record StyleView(EndStyle Value, string Word, IReadOnlyList<HairKinds> Kinds);

/// <summary>How a kind of hair usually begins.</summary>
public sealed record UsualView(HairKinds Kind, Aim Aim, EndStyle Style);

/// <summary>How hair is worn again that has come down for a wash.</summary>
public sealed record AgainView(StyleMade Worn, EndStyle Style);

/// <summary>A routine that can be asked for.</summary>
/// <param name="Word">As it stands in the wish: "the simple way".</param>
/// <param name="Serves">Aims it can be for; empty for any.</param>
/// <param name="Proposed">The kinds of hair it is proposed for, each with its aims.</param>
public sealed record RoutineView(
    string Value,
    string Word,
    string Hint,
    IReadOnlyList<HairKinds> Kinds,
    IReadOnlyList<Aim> Serves,
    IReadOnlyList<ProposedView> Proposed
);

/// <summary>A kind of hair and the aims a routine is proposed for on it.</summary>
public sealed record ProposedView(HairKinds Kind, IReadOnlyList<Aim> Aims);

/// <summary>A way hair can come to a day.</summary>
/// <param name="On">The treatment that is on it; null for none.</param>
/// <param name="Word">As it stands beside the wish: "damp".</param>
public sealed record StartView(HairComes Comes, string? On, string Word, IReadOnlyList<HairKinds> Kinds);

/// <summary>A question practitioners disagree on, with its sides.</summary>
public sealed record SchoolQuestionView(string Id, string Ask, IReadOnlyList<HairKinds> Concerns, IReadOnlyList<SchoolAnswer> Answers);

/// <summary>Everything that can be asked for, in words.</summary>
public sealed record ChoicesView(
    IReadOnlyList<AimView> Aims,
    IReadOnlyList<StyleView> Styles,
    IReadOnlyList<RoutineView> Routines,
    IReadOnlyList<StartView> Starts,
    IReadOnlyList<UsualView> Usual,
    IReadOnlyList<AgainView> Again,
    IReadOnlyList<SchoolQuestionView> Schools,
    IReadOnlyList<StepKindView> Steps
);

/// <summary>What can be asked for: aims, styles, schools and steps, as the core knows them.</summary>
internal static class ChoiceEndpoints
{
    private static readonly HairKinds[] Kinds = [HairKinds.Loose, HairKinds.Locs, HairKinds.Style, HairKinds.TakenDown];

    public static void MapChoices(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/plans/choices", Choices).WithName("listChoices").WithTags("Plans");

    private static Ok<ChoicesView> Choices() =>
        TypedResults.Ok(
            new ChoicesView(
                [
                    .. AimCatalogue.All.Select(aim => new AimView(
                        aim.Aim,
                        PlanSentences.Of(aim.Aim),
                        aim.Hint,
                        Named(AimCatalogue.Suits(aim.Aim))
                    )),
                ],
                [
                    .. Enum.GetValues<EndStyle>()
                        .Select(style => new StyleView(style, AimCatalogue.Wish(style), Named(AimCatalogue.Suits(style)))),
                ],
                [
                    .. RoutineCatalogue.All.Select(routine => new RoutineView(
                        routine.Id,
                        routine.Says,
                        routine.Hint,
                        Named(routine.Suits),
                        routine.Serves,
                        [
                            .. Kinds
                                .Select(kind => new ProposedView(kind, RoutineCatalogue.AimsOf(routine, kind)))
                                .Where(each => each.Aims.Count > 0),
                        ]
                    )),
                ],
                [.. StartingHair.All.Select(start => new StartView(start.Comes, start.On?.Id, start.Word, Named(start.Suits)))],
                [.. Kinds.Select(kind => new UsualView(kind, AimCatalogue.UsualAim(kind), AimCatalogue.UsualStyle(kind)))],
                [.. Enum.GetValues<StyleMade>().Select(worn => new AgainView(worn, AimCatalogue.Again(worn)))],
                [
                    .. SchoolCatalogue.Questions.Select(question => new SchoolQuestionView(
                        question.Id,
                        question.Ask,
                        Named(question.Concerns),
                        question.Answers
                    )),
                ],
                [.. StepCatalogue.All.Select(StepKindView.Of)]
            )
        );

    private static IReadOnlyList<HairKinds> Named(HairKinds kinds) => [.. Kinds.Where(kind => kinds.HasFlag(kind))];
}
