namespace Kamuri.Web.Products;

/// <summary>What is said about errors about products.</summary>
[Texts("errors about products")]
internal static class ProductErrors
{
    // ProductEndpoints
    public const string AProductNeedsAName = "A product needs a name.";

    public static string ANameCanHaveAtMost(string LongestName) => $"A name can have at most {LongestName} characters.";

    public const string KamuriDoesNotKnowThisRole = "Kamuri does not know this role.";

    public static string ALabelCanHaveAtMost(string longestLabel) => $"A label can have at most {longestLabel} characters.";

    public static string EnterAnAmountOf(string least, string most) => $"Enter {least} to {most}.";

    public static string EnterAtMost(string most) => $"Enter 0 to {most}.";

    public const string Enter0To100 = "Enter 0 to 100 %.";
    public const string Enter0To100000 = "Enter 0 to 100000.";
    public const string TheDateCannotBeInThe = "The date cannot be in the future.";
    public const string Enter1To120Months = "Enter 1 to 120 months.";
    public const string ThisProductDoesNotExist = "This product does not exist.";

    public static string RowWasChangedElsewhereInThe(string row) =>
        $"{row} was changed elsewhere in the meantime. Load it again before you edit it.";

    public const string Enter1NotAtAllTo = "Enter 1 (not at all) to 5 (very well), or 0 to remove the rating.";

    public static string ANoteCanHaveAtMost(string longestNote) => $"A note can have at most {longestNote} characters.";

    public const string ThisProductOrHeadDoesNot = "This product or head does not exist.";

    // ProductFiles
    public const string ThisFileIsEmpty = "This file is empty.";

    // ShoppingEndpoints
    public static string ToBuyToday(string today) => $"# To buy, {today}\n\n";

    public static string LineWhy(string line, string why) => $"- [ ] {line}: {why}\n";

    public const string LeftIsMoreThanPack = "The amount left cannot be more than the pack size.";

    public static string ForADay(string amount, string names, string date) => $"{amount} for {names}, {date}.";
}
