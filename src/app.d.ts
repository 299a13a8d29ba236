declare global {
	namespace App {
		// No locals: the server holds no session and no client's data.
	}
}

export {};
