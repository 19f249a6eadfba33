using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Physics;
using Kamuri.Core.Planning;
using Kamuri.Core.Running;
using Kamuri.Core.Units;
using Kamuri.Store;
using Kamuri.Store.Heads;
using Kamuri.Store.Household;
using Kamuri.Store.Sessions;
using Kamuri.Store.Shelf;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Demo;

/// <summary>A made-up household with about nine months of history, generated from a fixed seed relative to today.</summary>
internal static class DemoHousehold
{
    private const int MonthsBack = 9;
    private const int Seed = 20;

    public static async Task SeedDemoAsync(
        this IDbContextFactory<KamuriDb> databases,
        Planner planner,
        CraftFigures figures,
        DateTimeOffset now
    )
    {
        await using var db = await databases.CreateDbContextAsync();
        if (await db.Heads.AnyAsync())
        {
            return;
        }

        var house = new HouseholdRow
        {
            RoomCelsius = 22,
            HumidityShare = 0.48,
            Clock = ClockFormat.TwentyFourHours,
            Currency = "EUR",
            Hoods = 1,
        };
        var zone = house.Zone;
        var today = DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(now, zone).DateTime);
        db.Add(house);
        var uses = DemoShelf.Put(db, today);
        await using var transaction = await db.Database.BeginTransactionAsync();

        var random = new Random(Seed);
        foreach (var (head, rhythm, aims, style, since) in People(today))
        {
            var row = new HeadRow { Version = 1 };
            var washed = head;
            var known = new HashSet<string>();
            foreach (var (day, aim) in WashDays(today, rhythm, aims, since, random))
            {
                var request = new PlanRequest
                {
                    Head = washed,
                    Aim = aim,
                    Style = style,
                    Today = day,
                    When = new When(new HouseTime(now, zone).At(day, new TimeOnly(10, 30))),
                    Room = house.ToRoom(),
                    Equipment = house.ToEquipment(),
                    DryingAir = head.MayHaveHeat ? Air.HoodLow : Air.Still,
                    Uses = uses.Where(use => use.Value.Suits(head)).ToDictionary(use => use.Key, use => use.Value.Use),
                };
                var session = DemoRun.Record(db, planner.Make(request, figures), random);
                known.UnionWith(session.Touches.Values.SelectMany(names => names));
                washed = washed with { LastWash = day, LastDetangle = day };
                await db.SaveChangesAsync();
                db.ChangeTracker.Clear();
            }

            row.Take(washed);
            db.Add(row);
            db.AddRange(
                known.Select(name => new KnownIngredientRow
                {
                    HeadId = head.Id,
                    Ingredient = name,
                    Since = today.AddMonths(-MonthsBack),
                })
            );
        }

        await db.SaveChangesAsync();
        DemoKitchen.Put(db, new HouseTime(now, zone));
        await db.SaveChangesAsync();
        await transaction.CommitAsync();
        // Nine months lived in seconds leave more behind than the server needs from here on.
        GC.Collect(GC.MaxGeneration, GCCollectionMode.Aggressive, blocking: true, compacting: true);
    }

    private static IEnumerable<(DateOnly Day, Aim Aim)> WashDays(DateOnly today, int rhythm, Aim[] aims, int lastDaysAgo, Random random)
    {
        var days = new List<DateOnly>();
        for (var day = today.AddDays(-lastDaysAgo); day > today.AddMonths(-MonthsBack); day = day.AddDays(-rhythm - random.Next(-2, 3)))
        {
            days.Add(day);
        }

        days.Reverse();
        return days.Select((day, n) => (day, aims[n % aims.Length]));
    }

    private static IEnumerable<(Head Head, int Rhythm, Aim[] Aims, EndStyle Style, int LastDaysAgo)> People(DateOnly today)
    {
        yield return (
            new Head
            {
                Id = Guid.Parse("0199aaaa-0000-7000-8000-000000000001"),
                Name = "Oriel",
                Lengths = Lengths(28, 34, 30, 32),
                Density = Density.Medium,
                Strand = StrandThickness.Medium,
                CoilWidthMillimetres = 6,
                Porosity = Porosity.Low,
                PorosityEvidence = PorosityEvidence.SprayBeads,
                Scalp = [ScalpSign.Sensitive],
                FragileZones = [new FragileZone(Zone.Edges, "thin since a tight style"), new FragileZone(Zone.Crown, "breaks first")],
                Sensitivities = ["fragrance"],
                Goals = [Goal.Moisture, Goal.LengthRetention],
                UsualSections = 6,
                WornAs = WornAs.Twists,
            },
            9,
            [Aim.Moisture, Aim.Moisture, Aim.Strength, Aim.Moisture, Aim.Reset],
            EndStyle.Twists,
            9
        );
        yield return (
            new Head
            {
                Id = Guid.Parse("0199aaaa-0000-7000-8000-000000000002"),
                Name = "Bram",
                Lengths = Lengths(32, 38, 36, 34),
                Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 96, 9)),
                Density = Density.High,
                Strand = StrandThickness.Medium,
                Porosity = Porosity.High,
                PorosityEvidence = PorosityEvidence.DryingTime,
                Scalp = [ScalpSign.Flaky],
                Goals = [Goal.ScalpComfort, Goal.LessShedding],
            },
            14,
            [Aim.Quick, Aim.ScalpComfort, Aim.Quick, Aim.Reset, Aim.Quick, Aim.Moisture],
            EndStyle.AsItIs,
            10
        );
        yield return (
            new Head
            {
                Id = Guid.Parse("0199aaaa-0000-7000-8000-000000000003"),
                Name = "Wren",
                Lengths = Lengths(20, 24, 22, 21),
                Wear = new Wear(Style: new StyleWorn(StyleMade.Braids, today.AddDays(-24))),
                Density = Density.Low,
                Strand = StrandThickness.Fine,
                Porosity = Porosity.Medium,
                FragileZones = [new FragileZone(Zone.Nape, "rubs on collars")],
                Sensitivities = ["nuts", "essential oils"],
                AgeGroup = AgeGroup.SixToTwelve,
                CanSitUnderHeat = false,
                Goals = [Goal.LessShedding],
                Layering = Layering.LoLight,
                UsualSections = 4,
                WornAs = WornAs.Braids,
            },
            11,
            [Aim.Quick, Aim.ScalpComfort],
            EndStyle.AsItIs,
            6
        );
    }

    private static ZoneLengths Lengths(double nape, double crown, double front, double sides) =>
        new(new Centimetres(nape), new Centimetres(crown), new Centimetres(front), new Centimetres(sides));
}

/// <summary>Lives through a plan the way people do: a little slower here, a little faster there, and writes it down.</summary>
internal static class DemoRun
{
    private static readonly string[] Notes =
    [
        "Less shed hair than last time.",
        "Crown took the longest again.",
        "Rinsed a bit early, doorbell.",
        "Ends feel better.",
        "Used the big comb only.",
        "Twists a little too tight at the front.",
    ];

    public static SessionPlan Record(KamuriDb db, Plan plan, Random random)
    {
        var session = SessionPlan.From(plan);
        var id = NewId(random);
        db.Add(
            new SessionRow
            {
                Id = id,
                HeadId = session.Heads[0].HeadId,
                CreatedUtcTicks = plan.Start.UtcTicks,
                PlanJson = SessionRow.Write(session),
            }
        );
        var events = Live(session, random);
        db.AddRange(events.Select(happened => SessionEventRow.From(id, happened)));
        db.AddRange(
            LookBack
                .Sum(session, SessionFold.Fold(session, events))
                .Select((summary, at) => SessionSummaryRow.From(id, session.Heads[at].Key, summary))
        );

        foreach (var taking in session.Takings)
        {
            db.Add(
                new TakingRow
                {
                    SessionId = id,
                    HeadId = session.Heads[0].HeadId,
                    StepId = taking.StepId,
                    Name = taking.Name,
                    ProductId = taking.ProductId,
                    PlannedMillilitres = taking.PlannedMillilitres,
                    // Now and then somebody says how much it really was: a little more than the model thinks.
                    UsedMillilitres = random.Next(4) == 0 ? Math.Round(taking.PlannedMillilitres * (1.15 + 0.1 * Normal(random))) : null,
                    IsWhole = taking.IsWhole,
                }
            );
        }

        return session;
    }

    private static List<SessionEvent> Live(SessionPlan plan, Random random)
    {
        var events = new List<SessionEvent> { new SessionStarted(NewId(random), plan.PlannedStart) };
        var now = plan.PlannedStart;
        var free = new Dictionary<string, DateTimeOffset>();
        foreach (var task in plan.Tasks)
        {
            var begin = plan
                .Links.Where(link => link.To == task.Id)
                .Select(link => free[link.From])
                .Append(task.IsHandsOn ? now : plan.PlannedStart)
                .Max();
            var pace = task.IsHandsOn ? Math.Exp(0.18 * Normal(random)) : 1 + 0.08 * Math.Abs(Normal(random));
            var end = begin.AddMinutes(task.PlannedMinutes * pace);
            free[task.Id] = end;
            if (!task.IsHandsOn)
            {
                if (plan.Links.All(link => link.From != task.Id))
                {
                    events.Add(new TaskDone(NewId(random), end, task.Id));
                }

                continue;
            }

            now = end;
            events.Add(new TaskStarted(NewId(random), begin, task.Id));
            for (var section = 1; section <= task.Sections; section++)
            {
                events.Add(new SectionDone(NewId(random), begin + (end - begin) * section / task.Sections, task.Id, section));
            }

            if (task.Sections == 0)
            {
                events.Add(new TaskDone(NewId(random), end, task.Id));
            }
        }

        var last = free.Values.Max();
        var note = random.Next(3) == 0 ? Notes[random.Next(Notes.Length)] : null;
        events.Add(
            new SessionFinished(
                NewId(random),
                last.AddMinutes(2),
                new Ratings(random.Next(3, 6), random.Next(2, 6), random.Next(3, 6), random.Next(3, 6), random.Next(1, 4)),
                note
            )
        );
        return events;
    }

    private static Guid NewId(Random random)
    {
        var bytes = new byte[16];
        random.NextBytes(bytes);
        return new Guid(bytes);
    }

    private static double Normal(Random random) =>
        Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
}
