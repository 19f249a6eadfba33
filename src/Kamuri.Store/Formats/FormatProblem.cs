namespace Kamuri.Store.Formats;

/// <summary>Something in a file that cannot be taken in.</summary>
/// <param name="Where">The line, or the place in a structure, as a person finds it: <c>line 12</c>, <c>recipeIngredient[2]</c>.</param>
/// <param name="Field">The field at fault; empty when it is the whole.</param>
/// <param name="Message">What is wrong, and what would do.</param>
public sealed record FormatProblem(string Where, string Field, string Message);
