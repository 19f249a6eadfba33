using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Scheduling;
using Kamuri.Store;
using Kamuri.Web.HouseholdPlans;
using Kamuri.Web.Plans;
using Kamuri.Web.Sessions;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web;

/// <summary>
/// A question the server asks itself when it has started, so that the first person to ask does not wait for the solver to load, for all past days to be read
/// and for code to be compiled that no one has used yet. Nothing of it is kept.
/// </summary>
internal sealed class FirstQuestion(SessionBook book, KamuriDb db, HouseholdPlanMaker maker, CraftFigures figures)
{
    /// <summary>Heads it asks for: enough that they wait for each other.</summary>
    private const int Heads = 2;

    /// <summary>Asks it. A house without heads has nothing to ask yet.</summary>
    public async Task AskAsync(CancellationToken cancellation)
    {
        CpSatScheduler.WarmUp();
        await book.ReadAsync(cancellation);
        var heads = await db.Heads.AsNoTracking().Where(head => !head.Archived).OrderBy(head => head.Id).Take(Heads).Select(head => head.Id).ToListAsync(cancellation);
        if (heads.Count == 0)
        {
            return;
        }

        // Somebody is away, and there is an hour: then days are built, which is most of what there is to compile.
        var tomorrow = new WhenBody(WhenMode.ReadyBy, DateOnly.FromDateTime(DateTime.UtcNow).AddDays(1), new TimeOnly(18, 0));
        var (plan, _, _) = await maker.MakeAsync(
            new HouseholdPlanBody
            {
                Heads = [.. heads.Select(head => new HeadOfDayBody { Plan = new PlanBody { HeadId = head, Aim = Aim.Quick, Style = EndStyle.AsItIs, When = tomorrow } })],
                Hands = [new HandsBody { Name = "Hands", Away = [new StretchBody(new TimeOnly(12, 0), new TimeOnly(13, 0))] }],
                When = tomorrow,
            },
            cancellation);
        _ = plan is null ? null : HouseholdPlanView.Of(plan, figures);
    }
}
