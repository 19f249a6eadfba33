using Kamuri.Core.Shelf;

namespace Kamuri.Store.Heads;

/// <summary>A patch test of one ingredient on one head; the last one counts.</summary>
public sealed class PatchTestRow
{
    public Guid HeadId { get; set; }
    public string Ingredient { get; set; } = "";
    public long AppliedUtcTicks { get; set; }
    public PatchOutcome Outcome { get; set; }

    public PatchTest ToTest() => new(Ingredient, new DateTimeOffset(AppliedUtcTicks, TimeSpan.Zero), Outcome);
}

/// <summary>An ingredient that has been on a head in a finished session.</summary>
public sealed class KnownIngredientRow
{
    public Guid HeadId { get; set; }
    public string Ingredient { get; set; } = "";
    public DateOnly Since { get; set; }
}
