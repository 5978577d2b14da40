@if ($settings['words'] !== '')<p class="notice">{{ $settings['words'] }}</p>@endif
