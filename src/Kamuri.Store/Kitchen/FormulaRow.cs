using Kamuri.Core.Mixing;
using Kamuri.Store.Documents;

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

    /// <exception cref="UnreadableDocumentException">No version wrote it like this.</exception>
    public Formula ToFormula() => KitchenDocuments.Formulas.Read(FormulaJson, KitchenDocuments.ToFormula);

    public void Take(Formula formula)
    {
        Name = formula.Name;
        FormulaJson = KitchenDocuments.Formulas.Write(KitchenDocuments.ToStored(formula));
    }
}
