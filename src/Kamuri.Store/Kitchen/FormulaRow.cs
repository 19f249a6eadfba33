using System.Text.Json;
using Kamuri.Core.Mixing;

namespace Kamuri.Store.Kitchen;

/// <summary>A formula of the household's own. Those that come with Kamuri are not kept here.</summary>
public sealed class FormulaRow
{
    public Guid Id { get; set; }
    public string Name { get; set; } = "";

    /// <summary>The whole formula: it is always read and written whole.</summary>
    public string FormulaJson { get; set; } = "";

    public bool Archived { get; set; }

    /// <summary>Grows with every change, so that two people editing at once do not overwrite each other unseen.</summary>
    public int Version { get; set; }

    public Formula ToFormula() => JsonSerializer.Deserialize<Formula>(FormulaJson, StoreJson.Options)
        ?? throw new InvalidOperationException($"Formula {Id} holds nothing.");

    public void Take(Formula formula)
    {
        Name = formula.Name;
        FormulaJson = JsonSerializer.Serialize(formula, StoreJson.Options);
    }
}
