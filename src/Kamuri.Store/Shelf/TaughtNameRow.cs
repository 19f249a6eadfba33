using Kamuri.Core.Shelf.Labels;

namespace Kamuri.Store.Shelf;

/// <summary>An ingredient's name a household has taught.</summary>
public sealed class TaughtNameRow
{
    public string Name { get; set; } = "";
    public IngredientClass Class { get; set; }
}
