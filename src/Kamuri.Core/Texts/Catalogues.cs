using System.Reflection;

namespace Kamuri.Core.Texts;

/// <summary>One text of a catalogue.</summary>
/// <param name="Area">What it is about.</param>
/// <param name="Id">Class and member: "RuleWords.RinseCool".</param>
/// <param name="Template">The sentence, with its parts in braces: "Leave out {step}".</param>
/// <param name="Parts">Names of the parts it takes.</param>
public sealed record CatalogueText(string Area, string Id, string Template, IReadOnlyList<string> Parts);

/// <summary>Reads the catalogues of an assembly, so that all texts can be printed, read and tested together.</summary>
public static class Catalogues
{
    private const BindingFlags Members = BindingFlags.Public | BindingFlags.NonPublic | BindingFlags.Static | BindingFlags.DeclaredOnly;

    /// <summary>Every text of the classes marked with <see cref="TextsAttribute"/>, by area and then as they are written.</summary>
    public static IEnumerable<CatalogueText> Of(Assembly assembly) =>
        from type in assembly.GetTypes()
        let texts = type.GetCustomAttribute<TextsAttribute>()
        where texts is not null
        orderby texts.Area
        from text in Constants(type, texts.Area).Concat(Sentences(type, texts.Area))
        select text;

    private static IEnumerable<CatalogueText> Constants(Type type, string area) =>
        from field in type.GetFields(Members)
        where field is { IsLiteral: true } && field.FieldType == typeof(string)
        select new CatalogueText(area, $"{type.Name}.{field.Name}", (string)field.GetRawConstantValue()!, []);

    private static IEnumerable<CatalogueText> Sentences(Type type, string area) =>
        from method in type.GetMethods(Members)
        where method.ReturnType == typeof(string) && method.GetParameters().All(part => part.ParameterType == typeof(string))
        let parts = method.GetParameters().Select(part => part.Name!).ToList()
        let filled = parts.Select(part => (object)$"{{{part}}}").ToArray()
        select new CatalogueText(
            area,
            $"{type.Name}.{(method.IsSpecialName ? method.Name["get_".Length..] : method.Name)}",
            (string)method.Invoke(null, filled)!,
            parts
        );
}
