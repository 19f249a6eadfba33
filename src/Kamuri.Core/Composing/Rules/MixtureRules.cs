using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Planning;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Composing.Rules;

/// <summary>A rule about what steps are done with.</summary>
public abstract class MixtureRule : IRule
{
    public abstract string Id { get; }

    public bool IsMendedUnasked => false;

    public virtual IEnumerable<Finding> Check(RuleContext context) => context.Used.SelectMany(used => Check(context, used.Step, used.Use));

    protected abstract IEnumerable<Finding> Check(RuleContext context, PlanStep step, StepUse use);

    protected Finding Finds(RuleContext context, Severity severity, string reason, PlanStep step, bool isSafety = false) =>
        new(Id, severity, reason, [step.Id], step.Kind.CanBeSpared ? RuleContext.LeaveOut(step) : null) { IsSafety = isSafety };
}

/// <summary>
/// R30: a batch past its use-by or not kept as told is a stop; its last day, and a bought product past its time, is a warning.
/// </summary>
public sealed class StillGood : MixtureRule
{
    public override string Id => "R30";

    protected override IEnumerable<Finding> Check(RuleContext context, PlanStep step, StepUse use)
    {
        if (!use.KeptAsTold)
        {
            yield return Finds(context, Severity.Stop, RuleWords.UseWasNotStoredAsIt(use.Name), step, isSafety: true);
        }
        else if (use is { ProductId: not null, UseBy: { } opened })
        {
            if (opened < context.Request.Today)
            {
                // Months after opening are the maker's word for a thing with a preservative: a warning, not the end of it.
                yield return Finds(
                    context,
                    Severity.Warn,
                    RuleWords.UsePassedItsTimeAfterOpening(use.Name, $"{opened:d MMMM yyyy}"),
                    step
                ) with
                {
                    Fix = null,
                };
            }
        }
        else if (use.UseBy is { } day && day < context.Request.Today)
        {
            yield return Finds(context, Severity.Stop, RuleWords.UseExpiredOnDayThrowIt(use.Name, $"{day:d MMMM}"), step, isSafety: true);
        }
        else if (use.UseBy == context.Request.Today)
        {
            yield return Finds(context, Severity.Warn, RuleWords.UseExpiresTodayLookAtIt(use.Name), step) with
            {
                Fix = null,
            };
        }
    }
}

/// <summary>
/// R31 stop: essential oil above the limit for this head and use, or any where none is allowed; warn where a label does not say
/// how much.
/// </summary>
public sealed class EssentialOilLimit : MixtureRule
{
    public override string Id => "R31";

    protected override IEnumerable<Finding> Check(RuleContext context, PlanStep step, StepUse use)
    {
        var (head, figures) = (context.Request.Head, context.Figures);
        var leaveOn = step.Kind.Puts is { } puts && !Substances.Of(puts).MustBeRinsed;
        var made = FilmModel
            .For(step.Kind.Puts, step.Places, HeadSize.Of(head, figures.Head), figures, step.AmountFactor, context.Request.Hand)
            ?.Exact;
        if (MixtureSentences.EssentialOilSentence(use, head, leaveOn, made, figures.Mixtures, figures.Measures) is { } sentence)
        {
            var isUnsure =
                EssentialOils.Judge(use, head, leaveOn, made, figures.Mixtures, figures.Measures) == EssentialOilVerdict.MayBeTooMuch;
            yield return Finds(context, isUnsure ? Severity.Warn : Severity.Stop, sentence, step, isSafety: !isUnsure);
        }
    }
}

/// <summary>
/// R32 stop: undiluted essential oil; onion, pepper, menthol and the like on a child under six or on broken skin, as a step or in
/// anything; pepper and menthol on any child or near the eyes; raw egg on broken skin.
/// </summary>
public sealed class NothingThatBurns : IRule
{
    private const double Undiluted = 50;

    public string Id => "R32";

    public bool IsMendedUnasked => false;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        foreach (
            var step in context
                .Walk.Select(walked => walked.Step)
                .Where(step => step.Kind.Puts is not null || context.Use(step) is not null)
        )
        {
            if (Why(context, step) is { } why)
            {
                yield return new Finding(Id, Severity.Stop, why, [step.Id], step.Kind.CanBeSpared ? RuleContext.LeaveOut(step) : null)
                {
                    IsSafety = true,
                };
            }
        }
    }

    private static string? Why(RuleContext context, PlanStep step)
    {
        var (head, use) = (context.Request.Head, context.Use(step));
        var facts = step.Kind.Puts is { } puts ? Substances.Of(puts) : null;
        var traits =
            (use?.Traits ?? MixtureTraits.None)
            | (facts?.Irritates == true ? MixtureTraits.Onion : 0)
            | (facts?.IsRawEgg == true ? MixtureTraits.RawEgg : 0);
        return use?.EssentialOilPercent >= Undiluted ? RuleWords.UseIsUndilutedEssentialOilWhich(use.Name)
            : MixtureSentences.IrritantSentence(traits, head) is { } irritant ? irritant
            : traits.HasFlag(MixtureTraits.Burns) && step.Places.HasFlag(Places.Edges) ? RuleWords.UseBurnsKeepItAwayFrom(use!.Name)
            : head.HasBrokenSkin && facts?.StingsBrokenSkin == true ? RuleWords.StepStingsAndHeadHasBroken(step.Kind.Name, head.Name)
            : head.HasBrokenSkin && traits.HasFlag(MixtureTraits.RawEgg) && step.Places.HasFlag(Places.Scalp)
                ? RuleWords.RawEggMustNotTouchBroken(head.Name)
            : null;
    }
}

/// <summary>R48 stop: onion, pepper or menthol is not left on overnight, whatever it is mixed into.</summary>
public sealed class IrritantNotOvernight : MixtureRule
{
    public override string Id => "R48";

    protected override IEnumerable<Finding> Check(RuleContext context, PlanStep step, StepUse use)
    {
        if (use.Irritates && step.Kind.IsOvernight)
        {
            var latest = context.Figures.ProcessingOf(StepCatalogue.Get(StepIds.OnionJuice))!.Body.Latest;
            yield return Finds(context, Severity.Stop, RuleWords.UseIrritatesAndMayStayOn(use.Name, $"{latest:0}"), step, isSafety: true);
        }
    }
}

/// <summary>R33 stop: something this head must never touch.</summary>
public sealed class NoSensitivity : MixtureRule
{
    public override string Id => "R33";

    protected override IEnumerable<Finding> Check(RuleContext context, PlanStep step, StepUse use)
    {
        var hits = context
            .Request.Head.Sensitivities.Concat(context.Request.History.Reacted)
            .Distinct(StringComparer.OrdinalIgnoreCase)
            .Intersect(use.Ingredients, StringComparer.OrdinalIgnoreCase)
            .ToList();
        if (hits.Count > 0)
        {
            yield return Finds(
                context,
                Severity.Stop,
                RuleWords.UseContainsWhatMustNotTouch(use.Name, Say.List(hits), context.Request.Head.Name),
                step,
                isSafety: true
            );
        }
    }
}

/// <summary>R34 warn: an ingredient is new on this head and has no patch test a day old.</summary>
public sealed class PatchTested : MixtureRule
{
    public override string Id => "R34";

    protected override IEnumerable<Finding> Check(RuleContext context, PlanStep step, StepUse use)
    {
        var history = context.Request.History;
        if (history.KnownIngredients.Count == 0 && !use.IsChange && use.AskForPatchTest is null)
        {
            // Nobody wrote down what this head has had, so nothing can be called new but what is said to be.
            yield break;
        }

        // A day that is planned for later is judged by what will be known by then.
        var when = context.Request.When;
        var by = when.StartAt ?? when.ReadyBy ?? when.Now;
        var untested = (use.AskForPatchTest ?? use.Ingredients)
            .Where(each => !history.KnownIngredients.Contains(each, StringComparer.OrdinalIgnoreCase))
            .Where(each => !history.PatchTests.TryGetValue(each, out var tested) || by - tested < context.Figures.Mixtures.PatchTestWait)
            .ToList();
        if (untested.Count > 0)
        {
            yield return new Finding(Id, Severity.Warn, RuleWords.NewOnThisHeadSomePatch(Some(untested), use.Name), [step.Id])
            {
                PatchTest = untested,
            };
        }
    }

    private static string Some(List<string> names)
    {
        const int most = 4;
        return names.Count <= most
            ? string.Join(", ", names)
            : RuleWords.NamesAndCountMore(string.Join(", ", names.Take(most - 1)), $"{(names.Count - most + 1)}");
    }
}

/// <summary>R35 warn: powder or seeds not sieved. R36 warn: fresh leaf not drained of its sap.</summary>
public sealed class CleanlyMade : MixtureRule
{
    public override string Id => "R35";

    protected override IEnumerable<Finding> Check(RuleContext context, PlanStep step, StepUse use)
    {
        if (use.Sieved == false)
        {
            yield return new Finding("R35", Severity.Warn, RuleWords.UseWasNotSievedAndIts(use.Name), [step.Id]);
        }

        if (use.SapDrained == false)
        {
            yield return new Finding("R36", Severity.Warn, RuleWords.TheYellowSapInUseWas(use.Name), [step.Id]);
        }
    }
}

/// <summary>
/// R37 warn: not enough for this head, in what was chosen or, when nothing was, in any product on the shelf. R38 note: more is made of
/// a thing that does not keep than is used.
/// </summary>
public sealed class EnoughAndNotTooMuch : MixtureRule
{
    private const double Ample = 1.5;

    public override string Id => "R37";

    public override IEnumerable<Finding> Check(RuleContext context) => base.Check(context).Concat(OnTheShelf(context));

    /// <summary>Short by something a kitchen can measure, not by a film on the jar.</summary>
    private static bool IsShort(Millilitres there, Amount needed) =>
        there.Value < needed.Exact.Value && (there.Value < 1 || KitchenRounding.Measurable(there).Value < needed.Measured.Value);

    private static IEnumerable<Finding> OnTheShelf(RuleContext context)
    {
        if (context.Request.Stock.Count == 0)
        {
            yield break;
        }

        var size = HeadSize.Of(context.Request.Head, context.Figures.Head);
        foreach (
            var step in context.Walk.Select(walked => walked.Step).Where(step => context.Use(step) is null && step.Kind.Puts is not null)
        )
        {
            var fitting = context.Request.Stock.Where(item => ProductRoles.ServeAs(item.Role).Contains(step.Kind.Puts!.Value)).ToList();
            if (
                fitting.Count == 0
                || fitting.Exists(item => item.Left is null)
                || FilmModel.For(step.Kind.Puts, step.Places, size, context.Figures, step.AmountFactor, context.Request.Hand)
                    is not { } needed
            )
            {
                // Nothing of the kind is kept track of, so nothing can be called short.
                continue;
            }

            var fullest = fitting.MaxBy(item => item.Left!.Value.Value)!;
            if (IsShort(fullest.Left!.Value, needed))
            {
                yield return new Finding(
                    "R37",
                    Severity.Warn,
                    RuleWords.StepTakesMeasuredMlTheFullest(
                        step.Kind.Name,
                        Say.Amount(needed.Measured.Value),
                        fullest.Name,
                        Say.Amount(fullest.Left.Value.Value)
                    ),
                    [step.Id]
                );
            }
        }
    }

    protected override IEnumerable<Finding> Check(RuleContext context, PlanStep step, StepUse use)
    {
        if (use is { InStock: null, ToMake: null })
        {
            yield break;
        }

        var size = HeadSize.Of(context.Request.Head, context.Figures.Head);
        if (FilmModel.For(step.Kind.Puts, step.Places, size, context.Figures, step.AmountFactor, context.Request.Hand) is not { } needed)
        {
            yield break;
        }

        if (use.InStock is { } stock && IsShort(stock, needed))
        {
            yield return new Finding(
                "R37",
                Severity.Warn,
                RuleWords.YouHaveStockMlOfUse(
                    use.Name,
                    Say.Amount(stock.Value),
                    Say.Amount(needed.Measured.Value),
                    Say.Amount(needed.Exact.Value - stock.Value)
                ),
                [step.Id]
            );
        }

        if (use.ToMake is not { } make || make.Value <= needed.Exact.Value * Ample)
        {
            yield break;
        }

        var school = context.Request.SchoolsInUse.Homemade;
        if (use.KeepsUnderADay)
        {
            yield return new Finding(
                "R38",
                Severity.Note,
                school == HomemadeKeeping.OneUse
                    ? RuleWords.DoesNotKeep(use.Name, Say.Amount(needed.Measured.Value))
                    : RuleWords.DoesNotKeepEvenCold(use.Name, Say.Amount(needed.Measured.Value)),
                [step.Id]
            );
        }
        else if (school == HomemadeKeeping.OneUse)
        {
            yield return new Finding(
                "R38",
                Severity.Note,
                RuleWords.YouPreferToMakeUseFor(use.Name, Say.Amount(needed.Measured.Value)),
                [step.Id]
            );
        }
    }
}

/// <summary>R39 warn: a mixture hotter than skin stands, or cooled below what the step wants.</summary>
public sealed class AtItsWarmth : MixtureRule
{
    public override string Id => "R39";

    protected override IEnumerable<Finding> Check(RuleContext context, PlanStep step, StepUse use)
    {
        var cooling = context.Figures.Cooling;
        if (use.At is { } warm && warm.Value > cooling.WarmestOnSkin.Value)
        {
            yield return new Finding(
                Id,
                Severity.Warn,
                RuleWords.UseIsAtWarmCAnd(use.Name, Say.Temperature(warm.Value), Say.Temperature(cooling.WarmestOnSkin.Value)),
                [step.Id]
            );
        }
        else if (use.At is { } cool && step.Kind.Puts is Substance.HotOil && cool.Value < cooling.StillWarm.Value)
        {
            yield return new Finding(Id, Severity.Warn, RuleWords.UseHasCooledToCoolC(use.Name, Say.Temperature(cool.Value)), [step.Id]);
        }
    }
}

/// <summary>R46 warn: a mixture had to be begun longer before than there is time.</summary>
public sealed class BegunInTime : MixtureRule
{
    public override string Id => "R46";

    protected override IEnumerable<Finding> Check(RuleContext context, PlanStep step, StepUse use)
    {
        if (
            use.Making is not { } formula
            || !Cooking.MayReachBeyond(formula, context.Request.Kitchen, context.Figures.Mixtures.LongestInDay)
        )
        {
            // Asked of every plan many times over, so a mixture that never waits long is not laid out for it.
            yield break;
        }

        var when = context.Request.When;
        var until = (when.ReadyBy ?? when.StartAt ?? when.Now) - when.Now;
        var cooking = Larder.Cook(context.Request, formula, context.Request.Kitchen.YieldOf(formula), false, context.Figures);
        if (cooking.Ahead is { } ahead && ahead.LeadMinutes.Earliest > until.TotalMinutes)
        {
            yield return Finds(
                context,
                Severity.Warn,
                RuleWords.FormulaMustBeStartedMinutesBefore(formula.Name, Say.Minutes(ahead.LeadMinutes.Earliest)),
                step
            );
        }
    }
}
