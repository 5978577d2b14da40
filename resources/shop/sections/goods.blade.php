<section
    class="row tone-{{ $settings['tone'] }} lies-{{ $settings['lies'] }} phone-{{ $settings['phone'] }}
        wide-{{ $settings['wide'] }} ratio-{{ $settings['ratio'] }}">
@if ($settings['heading'] !== '')<h2{!! $edit('heading') !!}>{{ $settings['heading'] }}</h2>@endif
<ul
    class="goods"@if ($settings['lies'] === 'strip') tabindex="0" role="group"
        aria-label="{{ $settings['heading'] ?: $say('shop.goods.heading') }}"@endif>
@foreach ($goods as $good)@include('shop::good', ['good' => $good, 'eager' => $first && $loop->index < 2])
@endforeach
</ul>
</section>
