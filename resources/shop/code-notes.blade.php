@foreach ($basket->codes->refused as $why)<p class="moved">{{ $why }}</p>@endforeach
