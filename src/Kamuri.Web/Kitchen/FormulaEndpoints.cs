using System.Text;
using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Planning;
using Kamuri.Core.Steps;
using Kamuri.Core.Texts;
using Kamuri.Core.Units;
using Kamuri.Store;
using Kamuri.Store.Formats;
using Kamuri.Store.Kitchen;
using Kamuri.Web.Household;
using Kamuri.Web.PatchTests;
using Kamuri.Web.Products;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Kitchen;

/// <summary>Formulas: those that come with Kamuri, and the household's own.</summary>
internal static class FormulaEndpoints
{
    private const int MostFormulas = 1_000;

    public static void MapFormulas(this IEndpointRouteBuilder routes)
    {
        var formulas = routes.MapGroup("/api/formulas").WithTags("Formulas");
        formulas.MapGet("/", ListAsync).WithName("listFormulas");
        formulas.MapPost("/", AddAsync).WithName("addFormula");
        formulas.MapPut("/{id:guid}", ChangeAsync).WithName("changeFormula");
        formulas.MapPut("/{id:guid}/archived", PutAwayAsync).WithName("putFormulaAway");
        formulas.MapPost("/{id:guid}/scale", ScaleAsync).WithName("scaleFormula");
        formulas.MapPost("/{id:guid}/correct", CorrectAsync).WithName("correctMixture");
        formulas
            .MapGet("/{id:guid}/recipe.json", (Guid id, KitchenReader reader, CancellationToken cancellation) =>
                FileAsync(
                    id,
                    reader,
                    "application/ld+json",
                    "json",
                    (formula, kitchen) => RecipeJson.Write(formula, kitchen.YieldOf(formula)),
                    cancellation
                )
            )
            .WithName("exportFormulaAsRecipe")
            .Produces<string>(200, "application/ld+json");
        formulas
            .MapGet("/{id:guid}/formula.md", (Guid id, KitchenReader reader, CancellationToken cancellation) =>
                FileAsync(id, reader, "text/markdown", "md", (formula, _) => FormulaMarkdown.Write(formula), cancellation)
            )
            .WithName("exportFormulaAsMarkdown")
            .Produces<string>(200, "text/markdown");
        formulas.MapPost("/import", ImportAsync).WithName("importFormula");
    }

    private static async Task<Ok<IReadOnlyList<FormulaView>>> ListAsync(
        KamuriDb db,
        SetAside setAside,
        KitchenReader reader,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var kitchen = await reader.ReadAsync([], cancellation);
        var room = (await house.RowAsync(cancellation)).ToRoom();
        var rows = await db.Formulas.AsNoTracking().ToDictionaryAsync(row => row.Id, cancellation);
        var archived = setAside
            .Read("formulas", rows.Values.Where(row => row.Archived), row => row.Id, row => row.ToFormula())
            .Select(each => each.Read);
        return TypedResults.Ok<IReadOnlyList<FormulaView>>([
            .. kitchen
                .Formulas.Concat(archived)
                .OrderBy(each => each.IsShipped)
                .ThenBy(each => each.Kind)
                .ThenBy(each => each.Name, StringComparer.OrdinalIgnoreCase)
                .Select(formula => View(formula, rows.GetValueOrDefault(formula.Id), kitchen, room, figures)),
        ]);
    }

    private static async Task<Results<Created<FormulaView>, ValidationProblem, ProblemHttpResult>> AddAsync(
        FormulaBody body,
        KamuriDb db,
        KitchenReader reader,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var formula = body.ToFormula(Guid.CreateVersion7());
        var kitchen = await reader.ReadAsync(formula.Ingredients.Select(each => each.ProductId).OfType<Guid>(), cancellation);
        if (Wrong(body, formula, kitchen) is { } wrong)
        {
            return wrong;
        }

        if (await db.Formulas.CountAsync(cancellation) >= MostFormulas)
        {
            return Problems.Conflict(KitchenErrors.ThereAreAlreadyMostFormulasFormulas($"{MostFormulas}"));
        }

        var row = new FormulaRow { Id = formula.Id, Version = 1 };
        row.Take(formula);
        db.Add(row);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Created(
            $"/api/formulas/{formula.Id}",
            View(formula, row, kitchen.With(formula), (await house.RowAsync(cancellation)).ToRoom(), figures)
        );
    }

    private static async Task<Results<Ok<FormulaView>, ValidationProblem, ProblemHttpResult>> ChangeAsync(
        Guid id,
        FormulaBody body,
        KamuriDb db,
        KitchenReader reader,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        if (FormulaCatalogue.Find(id) is { } shipped)
        {
            return Problems.Conflict(KitchenErrors.ShippedCameWithKamuriAndCannot(shipped.Name));
        }

        if (await db.Formulas.FindAsync([id], cancellation) is not { } row)
        {
            return NotHere();
        }

        if (body.Version is { } version && version != row.Version)
        {
            return Problems.Conflict(KitchenErrors.RowWasChangedElsewhereInThe(row.Name));
        }

        var formula = body.ToFormula(id);
        var kitchen = await reader.ReadAsync(formula.Ingredients.Select(each => each.ProductId).OfType<Guid>(), cancellation);
        if (Wrong(body, formula, kitchen) is { } wrong)
        {
            return wrong;
        }

        row.Take(formula);
        row.Version++;
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(View(formula, row, kitchen.With(formula), (await house.RowAsync(cancellation)).ToRoom(), figures));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> PutAwayAsync(
        Guid id,
        PutAwayBody body,
        KamuriDb db,
        KitchenReader reader,
        CancellationToken cancellation
    )
    {
        if (await db.Formulas.FindAsync([id], cancellation) is not { } row)
        {
            return FormulaCatalogue.Find(id) is { } shipped
                ? Problems.Conflict(KitchenErrors.ShippedCameWithKamuriAndCannot2(shipped.Name))
                : NotHere();
        }

        var user = (await reader.ReadAsync([], cancellation)).Formulas.FirstOrDefault(formula =>
            formula.Ingredients.Any(each => each.FormulaId == id)
        );
        if (body.Archived && user is not null)
        {
            return Problems.Conflict(KitchenErrors.UserUsesItChangeThatFormula(user.Name));
        }

        row.Archived = body.Archived;
        row.Version++;
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<ScaledView>, ValidationProblem, ProblemHttpResult>> ScaleAsync(
        Guid id,
        ScaleBody body,
        KamuriDb db,
        KitchenReader reader,
        House house,
        SkinRecord skin,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var kitchen = await reader.ReadAsync([], cancellation);
        if (kitchen.Formula(id) is not { } formula)
        {
            return NotHere();
        }

        Head? head = null;
        if (body.HeadId is { } headId)
        {
            head = (await db.Heads.FindAsync([headId], cancellation))?.ToHead();
            if (head is null)
            {
                return Problems.NotFound(KitchenErrors.ThisHeadDoesNotExist);
            }
        }

        var (scaled, purpose, problem) = Scale(
            formula,
            body,
            head,
            head is null ? Core.Learning.Hand.Unknown : await reader.HandAsync(head.Id, cancellation),
            kitchen,
            figures
        );
        if (scaled is null)
        {
            return problem!;
        }

        var time = await house.TimeAsync(cancellation);
        var request = new PlanRequest
        {
            Head = head ?? Nobody,
            Aim = Aim.Moisture,
            Style = EndStyle.AsItIs,
            When = new When(time.Local(time.Now)),
            Today = time.Today,
            Room = (await house.RowAsync(cancellation)).ToRoom(),
            Kitchen = kitchen,
            Batches = await reader.BatchesAsync(cancellation),
        };
        var cooking = Cooking.Of(
            scaled,
            kitchen,
            (inner, needed) => Larder.Find(request, inner, needed, figures),
            request.Room,
            figures.Cooling,
            figures.Mixtures
        );
        var use = Larder.Made(formula, kitchen);
        var cost = Cost.Of(scaled, kitchen);
        return TypedResults.Ok(
            new ScaledView(
                scaled.Factor,
                scaled.Makes.Value,
                Ways(scaled.Makes, figures),
                [
                    .. scaled.Lines.Select(line => new ScaledLineView(
                        line.Ingredient.Name,
                        line.Amount,
                        line.Instead,
                        line.Volume.Value,
                        line.Weight.Value
                    )),
                ],
                [.. (cooking.Ahead?.Steps ?? []).Concat(cooking.OnTheDay).SelectMany(step => Words(step, request.Room, figures))],
                [.. cooking.Taken.Select(taken => taken.Sentence)],
                scaled.Remarks,
                head is null
                    ? []
                    : MixtureSentences.Against(
                        use,
                        head,
                        MixtureSentences.StaysOn(body.As is { } one ? [one] : formula.ServesAs),
                        await skin.ReactedAsync(head.Id, cancellation),
                        figures.Mixtures,
                        figures.Measures
                    ),
                cost.Total > 0 ? Math.Round(cost.Total, 2) : null,
                cost.Total > 0 ? Math.Round(cost.PerMl, 4) : null,
                cost.Unpriced,
                purpose,
                await Bought.CompareAsync(db, formula, cost, cancellation)
            )
        );
    }

    /// <summary>A stand-in for a head when nobody is meant.</summary>
    internal static Head Nobody { get; } =
        new()
        {
            Id = Guid.Empty,
            Name = "Nobody",
            Lengths = new ZoneLengths(new Centimetres(30), new Centimetres(30), new Centimetres(30), new Centimetres(30)),
        };

    internal static (ScaledFormula? Scaled, MeasuredWords? For, ValidationProblem? Problem) Scale(
        Formula formula,
        ScaleBody body,
        Head? head,
        Core.Learning.Hand hand,
        Core.Mixing.Kitchen kitchen,
        CraftFigures figures
    )
    {
        try
        {
            if (body.Have is { } have)
            {
                return have.Ingredient < 0 || have.Ingredient >= formula.Ingredients.Count
                        ? (null, null, Problems.At("have.ingredient", KitchenErrors.WhichIngredient))
                    : have.Amount is not (> 0 and <= 100_000)
                        ? (null, null, Problems.At("have.amount", KitchenErrors.EnterHowMuchThereIsMore))
                    : (
                        Scaling.ToHave(formula, have.Ingredient, have.Amount, have.Unit, kitchen),
                        MeasuredWords.Same(KitchenErrors.AsMuchAsYourIngredientsAllows(formula.Ingredients[have.Ingredient].Name)),
                        null
                    );
            }

            if (body.MakeMl is { } make)
            {
                return make is not (> 0 and <= AmountLimits.Most)
                    ? (null, null, Problems.At("makeMl", KitchenErrors.EnterMoreThan0AndAt(Say.Amount(AmountLimits.Most))))
                    : (Scaling.ToMake(formula, new Millilitres(make), kitchen), null, null);
            }

            if (head is null)
            {
                return (Scaling.By(formula, 1, kitchen), MeasuredWords.Same(KitchenErrors.AsWritten), null);
            }

            var substance = body.As ?? formula.ServesAs.Select(each => (Substance?)each).FirstOrDefault();
            var kind = StepCatalogue.All.FirstOrDefault(each => each.Puts == substance);
            var amount = kind is null ? null : FilmModel.For(substance, kind.Places, HeadSize.Of(head, figures.Head), figures, 1, hand);
            return amount is null
                ? (Scaling.By(formula, 1, kitchen), MeasuredWords.Same(KitchenErrors.AsWrittenBecauseKamuriDoesNot), null)
                : (
                    Scaling.ToMake(formula, new Millilitres(amount.Exact.Value * figures.Mixtures.MadeBeyond), kitchen),
                    MixtureSentences.Wanted(head, kind!, amount, figures.Mixtures),
                    null
                );
        }
        catch (UnitMismatchException error)
        {
            return (null, null, Problems.At("have.unit", error.Message));
        }
        catch (ArgumentOutOfRangeException)
        {
            return (null, null, Problems.At("makeMl", KitchenErrors.ThatIsFarTooMuchOr));
        }
    }

    private static async Task<Results<Ok<CorrectionAdvice>, ValidationProblem, ProblemHttpResult>> CorrectAsync(
        Guid id,
        CorrectBody body,
        KitchenReader reader,
        CancellationToken cancellation
    )
    {
        var kitchen = await reader.ReadAsync([], cancellation);
        var tooMuch = KitchenErrors.EnterMoreThan0AndAt(Say.Amount(AmountLimits.Most));
        return kitchen.Formula(id) is not { } formula ? NotHere()
            : !Enum.IsDefined(body.Trouble) ? Problems.At("trouble", KitchenErrors.TooThickTooRunnyOrToo)
            : body.ThereMl is not (> 0 and <= AmountLimits.Most) ? Problems.At("thereMl", tooMuch)
            : body.WantedMl is not null and not (> 0 and <= AmountLimits.Most) ? Problems.At("wantedMl", tooMuch)
            : TypedResults.Ok(
                Correction.For(
                    formula,
                    body.Trouble,
                    new Millilitres(body.ThereMl),
                    new Millilitres(body.WantedMl ?? body.ThereMl),
                    kitchen
                )
            );
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> FileAsync(
        Guid id,
        KitchenReader reader,
        string type,
        string ending,
        Func<Formula, Core.Mixing.Kitchen, string> write,
        CancellationToken cancellation
    )
    {
        var kitchen = await reader.ReadAsync([], cancellation);
        return kitchen.Formula(id) is { } formula
            ? TypedResults.File(
                Encoding.UTF8.GetBytes(write(formula, kitchen)),
                $"{type}; charset=utf-8",
                $"{FileNames.Of(formula.Name, "formula")}.{ending}"
            )
            : NotHere();
    }

    /// <summary>
    /// Takes in a formula as recipe JSON-LD or Markdown. Ingredients named like a formula or a product here become that one.
    /// </summary>
    private static async Task<Results<Created<FormulaView>, ValidationProblem, ProblemHttpResult>> ImportAsync(
        ImportBody body,
        KamuriDb db,
        KitchenReader reader,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        const int longest = 200_000;
        if (body.Text.Length > longest)
        {
            return Problems.At("text", KitchenErrors.AFormulaCanHaveAtMost($"{longest}", $"{body.Text.Length}"));
        }

        var text = body.Text.TrimStart() is ['{' or '[', ..] ? RecipeJson.Read(body.Text) : FormulaMarkdown.Read(body.Text);
        if (text.Formula is not { } read)
        {
            return TypedResults.ValidationProblem(
                text.Problems.GroupBy(each => each.Field.Length > 0 ? KitchenErrors.WhereField(each.Where, each.Field) : each.Where)
                    .ToDictionary(group => group.Key, group => group.Select(each => each.Message).ToArray()),
                title: KitchenErrors.SomethingInItIsNotRight
            );
        }

        var kitchen = await reader.ReadAsync([], cancellation);
        var products = await db
            .Products.AsNoTracking()
            .Where(row => !row.Archived)
            .Select(row => new { row.Id, row.Name })
            .ToListAsync(cancellation);
        var linked = FormulaBody.From(
            read with
            {
                Ingredients =
                [
                    .. read.Ingredients.Select(each =>
                        kitchen.Formulas.FirstOrDefault(formula =>
                            string.Equals(formula.Name, each.Name, StringComparison.OrdinalIgnoreCase)
                        )
                            is { } formula
                            ? each with
                            {
                                FormulaId = formula.Id,
                            }
                        : products.FirstOrDefault(product => string.Equals(product.Name, each.Name, StringComparison.OrdinalIgnoreCase))
                            is { } product
                            ? each with
                            {
                                ProductId = product.Id,
                            }
                        : each
                    ),
                ],
            },
            null
        );
        var added = await AddAsync(linked, db, reader, house, figures, cancellation);
        return added.Result is ValidationProblem { ProblemDetails.Errors: var errors }
            ? TypedResults.ValidationProblem(
                errors.ToDictionary(each => text.PlaceOf(each.Key), each => each.Value),
                title: KitchenErrors.SomethingInItIsNotRight
            )
            : added;
    }

    private static ValidationProblem? Wrong(FormulaBody body, Formula formula, Core.Mixing.Kitchen kitchen) =>
        new FormulaValidator(kitchen).Validate(body) is { IsValid: false } errors ? Problems.At(errors)
        : kitchen.LoopFrom(formula) is { } loop
            ? Problems.At("ingredients", KitchenErrors.ThisFormulaWouldContainItselfLoop(string.Join(" → ", loop)))
        : null;

    private static FormulaView View(Formula formula, FormulaRow? row, Core.Mixing.Kitchen kitchen, Room room, CraftFigures figures)
    {
        var contents = Contents.Of(formula, kitchen);
        var use = contents.AsUse(formula, kitchen);
        var written = Scaling.By(formula, 1, kitchen);
        var cooking = Cooking.Of(written, kitchen, (_, _) => null, room, figures.Cooling, figures.Mixtures);
        var lead = cooking.Whole(room, figures.Cooling);
        return new FormulaView(
            formula.Id,
            formula.IsShipped,
            row?.Archived ?? false,
            FormulaBody.From(formula, row?.Version),
            MixtureSentences.Of(formula.Kind),
            Ways(written.Makes, figures),
            lead.Usual >= 48 * 60
                ? KitchenErrors.UsualDaysFromStartToFinish($"{Math.Round(lead.Usual / 60 / 24):0}")
                : KitchenErrors.MinutesFromStartToFinish(Say.Minutes(lead.Usual)),
            formula.Keep.Words,
            [.. Core.Shelf.Labels.LabelReading.FamilyWords.Intersect(use.Ingredients)],
            Math.Round(use.EssentialOilPercent, 3),
            use.Protein,
            [.. formula.Ingredients.Select(IngredientLine.Write)],
            [.. cooking.OnTheDay.Concat(cooking.Ahead?.Steps ?? []).Select(step => step.Words)],
            [.. formula.ServesAs.Select(each => Substances.Of(each).Name)],
            MixtureSentences.Cautions(formula, contents)
        );
    }

    internal static MeasuredAmount Ways(Millilitres amount, CraftFigures figures) =>
        new(
            KitchenRounding.Metric(amount),
            KitchenRounding.Spoons(amount, figures.Measures),
            KitchenRounding.Weight(new Grams(amount.Value)),
            KitchenErrors.Exactly($"{amount.Value:0.##}")
        );

    /// <summary>A step of making, and the wait behind it, in words.</summary>
    internal static IEnumerable<MeasuredWords> Words(CookStep step, Room room, CraftFigures figures)
    {
        yield return step.Words.Then(words => $"{words}.");
        if (step.Wait(room, figures.Cooling) is { } wait)
        {
            yield return MeasuredWords.Same(
                wait.Usual >= 6 * 60
                    ? KitchenErrors.WaitTitleMinutesToMinutes2UsuallyMinutes3(
                        step.Method.WaitTitle!,
                        Say.Minutes(wait.Earliest),
                        Say.Minutes(wait.Latest),
                        Say.Minutes(wait.Usual)
                    )
                    : KitchenErrors.WaitTitleWait(step.Method.WaitTitle!, PlanSentences.Of(wait))
            );
        }
    }

    private static ProblemHttpResult NotHere() => Problems.NotFound(KitchenErrors.ThisFormulaDoesNotExist);
}

/// <summary>A formula as text, in one of the two formats that are read.</summary>
public sealed record ImportBody(string Text);
