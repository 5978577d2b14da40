<section class="row tiles-row wide-{{ $settings['wide'] }}">
@if ($settings['heading'] !== '')<h2{!! $edit('heading') !!}>{{ $settings['heading'] }}</h2>@endif
<ul class="tiles">
@foreach ($tiles as $tile)
<li><a class="tile" href="{{ $tile->href }}"><span class="frame">@if ($tile->picture)@include('shop::picture',
    ['picture' => $tile->picture, 'alt' => '', 'sizes' => '(min-width: 860px) 300px, 45vw',
    'eager' => false])@endif</span><span class="tile-words">{{ $tile->words }}</span></a></li>
@endforeach
</ul>
</section>
