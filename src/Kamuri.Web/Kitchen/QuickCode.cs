using System.Globalization;
using System.Text;
using QRCoder;

namespace Kamuri.Web.Kitchen;

/// <summary>A square code as the path of its dark squares, to be drawn at any size.</summary>
internal static class QuickCode
{
    public static (string Path, int Size) Of(string text)
    {
        using var data = QRCodeGenerator.GenerateQrCode(text, QRCodeGenerator.ECCLevel.M);
        var path = new StringBuilder();
        for (var row = 0; row < data.ModuleMatrix.Count; row++)
        {
            for (var column = 0; column < data.ModuleMatrix[row].Count; column++)
            {
                if (data.ModuleMatrix[row][column])
                {
                    path.Append(CultureInfo.InvariantCulture, $"M{column} {row}h1v1h-1z");
                }
            }
        }

        return (path.ToString(), data.ModuleMatrix.Count);
    }
}
