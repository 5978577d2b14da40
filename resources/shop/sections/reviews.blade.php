@php($reviews = $good->reviews())
<section class="row reviews"><h2{!! $edit('heading') !!}>{{ $settings['heading'] ?: $say('shop.said.heading_of') }}</h2>
<ul class="all-said">
@foreach ($reviews->latest((int) $settings['count']) as $said)@include('shop::one-said')
@endforeach
</ul>
<p><a href="{{ $good->address() }}/said">{{ $say('shop.said.all_of', count: $reviews->shown, hidden: $reviews->hidden) }}</a></p>
</section>
