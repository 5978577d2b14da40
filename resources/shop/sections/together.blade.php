<section class="row related"><h2{!! $edit('heading') !!}>{{ $settings['heading'] ?: $good->togetherWords() }}</h2>
<ul class="goods">
@foreach (array_slice($good->together->goods, 0, (int) $settings['count']) as $other)@include('shop::good', ['good' => $other])
@endforeach
</ul></section>
