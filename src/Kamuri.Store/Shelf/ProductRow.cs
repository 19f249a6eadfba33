using Kamuri.Core.Shelf;
using Kamuri.Store.Documents;

namespace Kamuri.Store.Shelf;

/// <summary>A bought product as it is kept.</summary>
public sealed class ProductRow
{
    public Guid Id { get; set; }
    public string Name { get; set; } = "";
    public ProductRole Role { get; set; }
    public string Label { get; set; } = "";
    public double? SizeMillilitres { get; set; }
    public double? LeftMillilitres { get; set; }
    public decimal? Price { get; set; }

    /// <summary>Essential oil in it, % by volume, as the maker gives it; null when nobody wrote it down.</summary>
    public double? EssentialOilPercent { get; set; }

    public DateOnly? Opened { get; set; }
    public int? MonthsAfterOpening { get; set; }
    public bool Archived { get; set; }

    /// <summary>Grows with every change, so that two people editing at once do not overwrite each other unseen.</summary>
    public int Version { get; set; }

    /// <summary>The row itself.</summary>
    /// <exception cref="UnreadableDocumentException">It is of a kind this version does not know, or of a size that cannot be.</exception>
    public ProductRow Checked() =>
        !Enum.IsDefined(Role) ? throw new UnreadableDocumentException(DocumentWords.UnknownKind(Name))
        : SizeMillilitres is < 0.001 or > 1_000_000 or double.NaN
            ? throw new UnreadableDocumentException(DocumentWords.ImpossibleSize(Name))
        : this;
}
