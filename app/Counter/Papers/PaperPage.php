<?php

declare(strict_types=1);

namespace WindowStall\Counter\Papers;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Support\Facades\View;
use WindowStall\Counter\Order;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Window\Window;

/** An invoice or credit note as a page, in the stall's look and its shopper's language; and the same as PDF. */
final class PaperPage
{
    public static function html(Stall $stall, Order $order, OrderPaper $paper): string
    {
        $window = Window::query()->with('published')->find($stall->id);
        $invoice = $paper->kind === PaperKind::Credit
            ? OrderPaper::query()->where('order_id', $order->id)->where('kind', PaperKind::Invoice)->first()
            : null;

        return Speech::in($order->language, static fn (): string => View::make('papers.paper', [
            'paper' => $paper,
            'said' => $paper->said,
            'order' => $order,
            'shop' => $stall->name,
            'look' => ($window?->publishedContent() ?? $window?->workingContent())?->look,
            'issued' => Spoken::date(Clock::of($stall)->local($paper->issued_at)),
            'cancels' => $invoice?->name(),
            'part' => $invoice !== null && $paper->said['total'] < $invoice->said['total'],
        ])->render());
    }

    public static function pdf(Stall $stall, Order $order, OrderPaper $paper): string
    {
        // Nothing is fetched from anywhere for it.
        $pdf = new Dompdf(new Options(['isRemoteEnabled' => false, 'defaultFont' => 'DejaVu Sans', 'isPhpEnabled' => false]));
        $pdf->setPaper('A4');
        $pdf->loadHtml(self::html($stall, $order, $paper), 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}
