@if ($stall->languageRows->isNotEmpty())<input type="hidden" name="language" value="{{ $stall->seen()->language }}">@endif
