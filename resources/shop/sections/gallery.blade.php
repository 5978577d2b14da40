<section class="row gallery-row wide-{{ $settings['wide'] }}">
@if ($settings['heading'] !== '')<h2{!! $edit('heading') !!}>{{ $settings['heading'] }}</h2>@endif
<ul class="shown">
@foreach ($pictures as $one)
<li>
<figure class="frame">
@include('shop::picture', ['picture' => $one['picture'], 'alt' => $one['picture']->alt ?? $one['words'],
    'sizes' => '(min-width: 860px) 380px, 45vw', 'eager' => false])</figure>
@if ($one['words'] !== '')
<p class="caption">{{ $one['words'] }}</p>
@endif</li>
@endforeach
</ul>
</section>
