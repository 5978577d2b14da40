@extends('shop::layout')
@php
    $state = $order->state->value;
    $total = $order->money($order->total_minor);
    $back = $order->arrivedBack();
    $unsent = $order->supplierOrders->every(fn ($s) => $s->state === WindowStall\Core\Dispatch\SupplierOrderState::Withdrawn)
        ? $say('till.order.unsent') : '';
    $text = fn (int $minor): string => WindowStall\Support\Views\MoneyView::text($order->money($minor));
@endphp
@push('head')
<meta name="robots" content="noindex">
@if ($again)<meta http-equiv="refresh" content="{{ $order->payment_trouble ? 4 : 1 }};url={{ $again }}">@endif
@endpush
@section('main')
@if ($order->state === WindowStall\Core\Dispatch\OrderState::Paid)<i hidden data-sale="{{ $order->number }}" data-currency="{{ $order->currency }}"
    data-total="{{ $order->money($order->total_minor)->digits() }}"></i>@endif
<div class="narrow">
@if ($state === 'paid')
<p class="quiet">{{ $say('till.order.number', number: (string) $order->number) }}</p>
<h1>{{ $say('till.order.thanks', name: $order->name) }}</h1>
<p>{{ $say($order->isPosted() ? 'till.order.paid' : 'till.order.paid_here') }}</p>
@if ($along !== null)<p>{{ $say('till.addition.along') }} <a href="/orders/{{ $along->token }}">{{
    $say('till.order.number', number: (string) $along->number) }}</a></p>@endif
@if ($back->minor > 0)<p role="status">{{ $say('till.order.partly_back', total: $back) }}</p>@endif
@elseif ($state === 'sold_out')
<h1>{{ $say('till.order.sold_out') }}</h1>
<p class="trouble" role="alert">{{ $order->trouble($stall) }}</p>
<p><a class="button" href="/basket">{{ $say('till.basket.back') }}</a></p>
@elseif ($state === 'refunding')
<h1>{{ $say('till.order.refunding') }}</h1>
<p role="status">{{ $say('till.order.goes_back', total: $total) }} {{ $unsent }}</p>
<p><a class="button" href="/">{{ $say('shop.back') }}</a></p>
@elseif ($state === 'refunded')
<h1>{{ $say('till.order.refunded') }}</h1>
<p role="status">{{ $say('till.order.went_back', total: $total) }} {{ $unsent }}</p>
<p><a class="button" href="/">{{ $say('shop.back') }}</a></p>
@elseif ($state === 'payment_lapsed')
<h1>{{ $say('till.order.not_paid') }}</h1>
<p class="trouble" role="alert">{{ $say('till.order.let_go') }}</p>
<p><a class="button" href="/basket">{{ $say('till.basket.back') }}</a></p>
@elseif ($order->pending_since !== null)
<p class="quiet">{{ $say('till.order.number', number: (string) $order->number) }}</p>
<h1>{{ $say('till.order.pending') }}</h1>
<p role="status">{{ $say('till.order.kept', total: $total) }}</p>
@elseif ($again)
<h1>{{ $say('till.order.moment') }}</h1>
<p role="status">{{ $order->trouble($stall) ?? $say('till.order.looked_at') }} {{
    $say('till.order.by_itself') }}</p>
@else
<h1>{{ $say('till.order.not_yet') }}</h1>
@if ($order->payment_trouble)
<p class="trouble" role="alert">{{ $order->trouble($stall) }}</p>
@endif
<p>{{ $say('till.order.basket_kept') }}</p><p><a class="button" href="/checkout">{{ $say('till.order.pay_now') }}</a></p>
@endif
@if ($state === 'paid')
@if (in_array($told['addition'], ['over', 'unpaid'], true))<p class="trouble" role="alert"@if ($additions === null) id="addition"
    @endif>{{ $say('till.addition.'.$told['addition']) }}</p>@endif
@if ($files !== [])@include('shop::files')@endif
@if ($giftCards->isNotEmpty())@include('shop::gift-cards')@endif
@if ($additions !== null)@include('shop::additions')@endif
@php($shown = $order->supplierOrders->filter(fn ($row) => $order->lines->contains(fn ($l) => $l->supplier_order_id === $row->id && $l->toSend() > 0)))
@php($several = $order->parcels->count() + $shown->filter(fn ($row) => $order->parcels->where('supplier_order_id', $row->id)->isEmpty())->count() > 1)
@foreach ($order->parcels as $parcel)
@php($line = $track($parcel))
<section class="parcel"><h2>{{ $several ? $say('till.order.parcel_number', number: $parcel->number) : $say('till.order.parcel') }}</h2>
@if ($several)<p class="quiet">{{ $parcel->linesOf($order)->map(fn ($l) => $parcel->pieces[$l->id].' × '.$l->nameIn($stall))->implode(', ') }}</p>@endif
<div @class(['track', 'late' => $line->late, 'there' => $line->there]) role="img" aria-label="{{ $line->spoken }}">
<span class="gone" style="width:{{ $line->now }}%"></span><span class="mark posted" style="left:{{ $line->posted }}%"></span>
@if ($line->promised !== null)<span class="mark promised" style="left:{{ $line->promised }}%"></span>@endif
<span class="mark now" style="left:{{ $line->now }}%"></span></div>
<p class="ends" aria-hidden="true"><span>{{ $say('till.track.paid') }} {{ $line->paidOn }}</span>@if ($line->promisedFor !== '')<span>{{
    $say('till.track.promised') }} {{ $line->promisedFor }}</span>@endif</p>
<p class="stands"><b>{{ $line->there ? $say('till.track.there') : $say('till.order.posted') }}</b>@if ($line->words !== '') · {{ $line->words
    }}@endif @if ($parcel->tracking)<span class="quiet">{{ $parcel->carrier }}, <b>{{ $parcel->tracking }}</b></span>@endif</p>
@if ($line->late)<p class="trouble">{{ $say('till.track.late') }}</p>@endif
</section>
@endforeach
@foreach ($shown as $row)
@continue($row->posted_at !== null)
@php($mine = $order->lines->where('supplier_order_id', $row->id)->filter(fn ($l) => $l->toSend() > ($order->parcels->sum(fn ($p) => $p->pieces[$l->id] ?? 0))))
@continue($mine->isEmpty())
<section class="parcel"><h2>{{ $several
    ? $say('till.order.parcel_number', number: $order->parcels->count() + $loop->iteration)
    : $say('till.order.parcel') }}</h2>
@if ($several)<p class="quiet">{{ $mine->map(fn ($l) => $l->toSend().' × '.$l->nameIn($stall))->implode(', ') }}</p>@endif
<ol class="steps">
<li class="done">{{ $say('till.order.ordered') }}</li>
<li @class(['done' => $row->accepted_at !== null])>{{ $say('till.order.packed') }}</li>
<li>{{ $say('till.order.posted') }}</li>
</ol>
@php($amiss = $row->state === WindowStall\Core\Dispatch\SupplierOrderState::Refused)
@php($promises = $amiss ? [] : $order->promises($mine, $stall))
@foreach ($promises as $told)
@php($dates = new Illuminate\Support\HtmlString('<b>'.e($told['dates']).'</b>'))
<p class="promised">{{ count($promises) === 1 ? $sayHtml('till.order.promised', dates: $dates)
    : $sayHtml('till.parcels.several', goods: $told['goods'], dates: $dates) }}</p>
@endforeach
@if ($amiss)
<p class="trouble">{{ $say('till.order.amiss') }} @if ($writeTo !== null){{ $sayHtml('till.order.write',
    email: new Illuminate\Support\HtmlString('<a href="mailto:'.e($writeTo).'">'.e($writeTo).'</a>'), number: (string) $order->number)
    }}@endif</p>
@endif
</section>
@endforeach
@foreach ($order->returns as $return)
<p class="returned" role="status" id="back">{{ match ($return->state->value) {
    'asked' => $say('till.back.asked', goods: $return->goodsIn($order, $stall)),
    'awaited' => $say('till.back.send', goods: $return->goodsIn($order, $stall), address: $return->to),
    'kept' => $say('till.back.keep', goods: $return->goodsIn($order, $stall)),
    'arrived' => $say('till.back.arrived', goods: $return->goodsIn($order, $stall)),
    'refused' => $say('till.back.refused', goods: $return->goodsIn($order, $stall)),
    'exchanged' => $return->saidInstead($order, $stall),
} }} {{ $return->answer }}@if ($return->exchange !== null) <a href="/orders/{{ $return->exchange->token }}">{{
    $say('till.order.number', number: (string) $return->exchange->number) }}</a>@endif</p>
@endforeach
@endif
<ul class="lines slim">
@foreach ($order->lines as $line)
<li class="line"><span>{{ $line->quantity }} × {{ $line->nameIn($stall) }}</span><span
    class="amount">{{ WindowStall\Support\Views\MoneyView::text($line->total($order)) }}</span></li>
@endforeach</ul>
<dl class="totals">
<div>
<dt>{{ $say('till.sums.goods') }}</dt>
<dd>{{ WindowStall\Support\Views\MoneyView::text($order->goodsBefore()) }}</dd>
</div>
@if ($order->discount_minor > 0)<div>
<dt>{{ $say('till.sums.taken_off') }}</dt>
<dd>{{ $text(-$order->discount_minor) }}</dd>
</div>@endif
@if ($order->isPosted())<div>
<dt>{{ $say('till.sums.delivery') }}</dt>
<dd>{{ $text($order->delivery_minor) }}</dd>
</div>@endif
<div class="sum">
<dt>{{ $say('till.sums.total') }}</dt>
<dd>{{ $text($order->total_minor) }}</dd>
</div>
@if ($order->card_minor > 0)<div>
<dt>{{ $say('till.cards.paid') }}</dt>
<dd>{{ $text(-$order->card_minor) }}</dd>
</div>@endif
@foreach ($order->taxes === [] ? [['rate' => $order->tax_bp * 100, 'tax' => $order->tax_minor]] : $order->taxes as $tax)
@if (! $order->reverse_charge)<div class="quiet">
<dt>{{ $say($order->tax_on_top ? 'till.sums.with' : 'till.sums.of_which',
    rate: WindowStall\Support\Speech\Spoken::percent(new WindowStall\Core\Money\Rate($tax['rate']))) }}</dt>
<dd>{{ $text($tax['tax']) }}</dd>
</div>
@endif
@endforeach
</dl>
@if ($order->reverse_charge)
<p class="quiet">{{ $say('till.order.reverse', company: $order->company, number: $order->tax_number,
    country: WindowStall\Support\Speech\Spoken::countrySaid($order->country)) }}</p>
@endif
@include('shop::order-own')
@if ($state === 'paid' && $order->collected !== '')
<p class="quiet">{{ $say('till.parcels.fetch', where: $stall->phrases()->say($order->collected)) }}</p>
@elseif ($state === 'paid' && $order->isPosted())
<p class="quiet">{{ $say('till.order.to', name: $order->name, street: $order->street, town: $order->town,
    postcode: $order->postcode) }}</p>
@endif
@foreach ($order->papers as $paper)<p class="quiet"><a href="/orders/{{ $order->token }}/papers/{{ $paper->name() }}">{{
    $say('till.papers.'.$paper->kind->value, number: $paper->name()) }}</a>, <a
    href="/orders/{{ $order->token }}/papers/{{ $paper->name() }}.pdf">{{ $paper->name().'.pdf' }}</a></p>@endforeach
@if ($order->policies !== [])<p class="quiet">{{ $say('till.order.under') }} @foreach ($order->policies as $kind => $number)<a
    href="/policies/{{ $kind }}?version={{ $number
    }}">{{ $say('shop.policies.'.$kind) }}</a>@if (! $loop->last), @endif @endforeach</p>@endif
</div>
@endsection
