// Most journeys need no network of their own: installing what works without one would fetch every script again for each.
delete Navigator.prototype.serviceWorker;
