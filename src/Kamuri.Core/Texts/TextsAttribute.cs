namespace Kamuri.Core.Texts;

/// <summary>
/// Marks a class as a catalogue of texts: constants, and methods that put named parts into a whole sentence. Catalogues are printed
/// and tested together; see <see cref="Catalogues"/>.
/// </summary>
/// <param name="area">What the texts are about, as a heading: "rules".</param>
[AttributeUsage(AttributeTargets.Class)]
public sealed class TextsAttribute(string area) : Attribute
{
    /// <summary>What the texts are about.</summary>
    public string Area { get; } = area;
}
