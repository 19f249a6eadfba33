using System.Text.Json;
using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Planning;
using Kamuri.Core.Scheduling;
using Kamuri.Store;
using Kamuri.Web.HouseholdPlans;
using Kamuri.Web.Plans;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Kamuri.Web;

/// <summary>
/// Plans that the server makes once it has started, to load the solver and compile the code, so that the first person does not
/// wait. Nothing of them is kept.
/// </summary>
internal sealed class FirstQuestions(
    KamuriDb db,
    HouseholdPlanMaker maker,
    SolverGate gate,
    CraftFigures figures,
    IOptions<JsonOptions> json
)
{
    /// <summary>
    /// Days that go through most of what there is to compile: where somebody is away days are built, where nobody is they are searched
    /// from moment to moment, and several aims compose several treatments. One alone leaves the first heavy plan about half a second
    /// slower than the next.
    /// </summary>
    private static readonly Day[] Days =
    [
        new(Aim.Quick, Heads: 2, Away: true),
        new(Aim.Moisture, Heads: 2),
        new(Aim.Strength, Heads: 2, Away: true),
        new(Aim.Reset, Heads: 3, PauseAfter: 45),
        new(Aim.OilFree, Heads: 2, Away: true),
    ];

    /// <summary>
    /// Asks them, until somebody asks for a plan of their own: that compiles the same. A house without heads has nothing to ask yet.
    /// </summary>
    public async Task AskAsync(CancellationToken cancellation)
    {
        CpSatScheduler.WarmUp();
        var heads = await db
            .Heads.AsNoTracking()
            .Where(head => !head.Archived)
            .OrderBy(head => head.Id)
            .Take(Days.Max(day => day.Heads))
            .Select(head => head.Id)
            .ToListAsync(cancellation);
        if (heads.Count == 0)
        {
            return;
        }

        var own = 0;
        foreach (var day in Days)
        {
            if (gate.Begun > own++)
            {
                return;
            }

            try
            {
                var (plan, _, _) = await maker.MakeAsync(day.Of(heads), cancellation);
                _ = plan is null
                    ? null
                    : JsonSerializer.SerializeToUtf8Bytes(HouseholdPlanView.Of(plan, figures), json.Value.SerializerOptions);
            }
            catch (UnplaceableException)
            {
                // This house cannot do what was asked: nobody waits for the answer, and the next day may be possible.
            }
        }
    }

    /// <summary>A day to ask for: the first so many heads, for tomorrow evening.</summary>
    private sealed record Day(Aim Aim, int Heads, bool Away = false, int? PauseAfter = null)
    {
        public HouseholdPlanBody Of(IEnumerable<Guid> heads)
        {
            var tomorrow = new WhenBody(WhenMode.ReadyBy, DateOnly.FromDateTime(DateTime.UtcNow).AddDays(1), new TimeOnly(18, 0));
            return new HouseholdPlanBody
            {
                Heads =
                [
                    .. heads
                        .Take(Heads)
                        .Select(head => new HeadOfDayBody
                        {
                            Plan = new PlanBody
                            {
                                HeadId = head,
                                Aim = Aim,
                                Style = EndStyle.AsItIs,
                                When = tomorrow,
                            },
                            PauseAfter = PauseAfter,
                        }),
                ],
                Hands = [new HandsBody { Name = "Hands", Away = Away ? [new StretchBody(new TimeOnly(12, 0), new TimeOnly(13, 0))] : [] }],
                When = tomorrow,
            };
        }
    }
}
